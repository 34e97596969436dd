namespace Krasis.Core.Planning.Needing;

/// <summary>A thing that is needed and kept in stock, in grams, or in pieces where it is a cup.</summary>
/// <param name="Kind">What sort of thing it is.</param>
/// <param name="Id">The id of the ingredient or cup.</param>
public readonly record struct Item(ItemKind Kind, string Id)
{
    /// <summary>An ingredient, a part, brewed coffee or ice.</summary>
    public static Item Ingredient(string id) => new(ItemKind.Ingredient, id);

    /// <summary>The ground coffee of a coffee.</summary>
    public static Item Ground(string id) => new(ItemKind.Ground, id);

    /// <summary>A cup.</summary>
    public static Item Cup(string id) => new(ItemKind.Cup, id);

    /// <summary>Reads what <see cref="ToString"/> wrote; null for anything else.</summary>
    public static Item? Find(string? text) =>
        text?.Split(':', 2) is [var kind, { Length: > 0 } id] && Input.Choice.Find<ItemKind>(kind) is { } known
            ? new Item(known, id)
            : null;

    /// <summary>As it is kept: <c>ingredient:farm-milk</c>.</summary>
    public override string ToString() => $"{Input.Choice.Word(Kind)}:{Id}";
}
