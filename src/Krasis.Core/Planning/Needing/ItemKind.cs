namespace Krasis.Core.Planning.Needing;

/// <summary>What sort of thing is needed and kept in stock.</summary>
public enum ItemKind
{
    /// <summary>An ingredient, a part, brewed coffee or ice, by weight.</summary>
    Ingredient,

    /// <summary>Ground coffee for a coffee that a recipe makes, by weight.</summary>
    Ground,

    /// <summary>Cups, with their lids where the cup has one, by count.</summary>
    Cup,
}
