namespace Krasis.Recipes.Grammar;

/// <summary>What a recipe says is done to something.</summary>
internal enum Doing
{
    /// <summary>It goes in.</summary>
    Add,

    /// <summary>What is in the cup is stirred.</summary>
    Stir,

    /// <summary>It is steamed.</summary>
    Steam,

    /// <summary>It is foamed cold.</summary>
    Foam,

    /// <summary>All is shaken.</summary>
    Shake,

    /// <summary>All is blended.</summary>
    Blend,

    /// <summary>It is poured so slowly that it stays on top.</summary>
    Float,

    /// <summary>It is drawn on top.</summary>
    Drizzle,

    /// <summary>It is dusted.</summary>
    Dust,

    /// <summary>It goes on the rim.</summary>
    Rim,

    /// <summary>It is browned.</summary>
    Torch,

    /// <summary>It lies across.</summary>
    Skewer,

    /// <summary>It is drawn on the wall.</summary>
    Wall,

    /// <summary>It is dissolved first.</summary>
    Dissolve,

    /// <summary>It is cooled first.</summary>
    Cool,

    /// <summary>It goes on top, or fills up.</summary>
    Top,

    /// <summary>It fills up.</summary>
    Fill,
}
