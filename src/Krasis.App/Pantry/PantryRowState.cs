namespace Krasis.App.Pantry;

/// <summary>What becomes of a row of a pantry file.</summary>
public enum PantryRowState
{
    /// <summary>It is an ingredient that the bar does not have.</summary>
    New,

    /// <summary>It changes one that the bar has.</summary>
    Changed,

    /// <summary>The bar has it so already.</summary>
    Same,

    /// <summary>It cannot be taken.</summary>
    Bad,
}
