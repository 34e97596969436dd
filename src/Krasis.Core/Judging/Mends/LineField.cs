namespace Krasis.Core.Judging.Mends;

/// <summary>What of a line a <see cref="LineChange"/> changes.</summary>
public enum LineField
{
    /// <summary>How it goes into the cup; the value is a technique.</summary>
    Technique,

    /// <summary>The foam level; the value is its id.</summary>
    Foam,

    /// <summary>What the card says beside the amount; the value is the new text, or null for none.</summary>
    Stated,

    /// <summary>The ingredient; the value is its id.</summary>
    Ingredient,

    /// <summary>The pour order; the value is the id of the line it goes before, or null for the end.</summary>
    Before,

    /// <summary>The line is taken out.</summary>
    Remove,

    /// <summary>The measure in which every number of the line is meant; the numbers stay. The value is its
    /// code.</summary>
    Unit,

    /// <summary>It follows the house's flavour standard; there is no value.</summary>
    House,

    /// <summary>How it is cooled; the value is a way of cooling.</summary>
    Cooling,
}
