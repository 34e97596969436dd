using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;

namespace Krasis.Core.Changing.Starting;

/// <summary>Something that is wanted on a sheet and that the bar has not: made where it is missing, to be measured
/// later.</summary>
public sealed record MissingIngredient
{
    /// <summary>What the house calls it.</summary>
    public string? Name { get; init; }

    /// <summary>The id of what it is like in the starter pantry.</summary>
    public string? Like { get; init; }

    /// <summary>What a stroke of its pump is meant to give, ml; null where it has none.</summary>
    public double? StrokeMl { get; init; }

    /// <summary>Makes it.</summary>
    /// <param name="pantry">What it can be like.</param>
    /// <param name="id">Its id.</param>
    /// <returns>The ingredient, and its pump where it has one; or every problem.</returns>
    public Reading<(IngredientDocument Ingredient, DispenserDocument? Pump)> Make(
        IReadOnlyList<IngredientDocument> pantry,
        string id
    )
    {
        var fields = new FieldReader();
        var name = fields.Name("name", Name);
        var like = pantry.FirstOrDefault(known => known.Id == Like);
        if (like is null)
        {
            fields.Report("like", Like, "It is not said what it is like.", "something of the starter pantry");
        }

        var stroke = fields.Optional("strokeMl", StrokeMl, 0.1, 60, "ml");
        return fields.Finish<(IngredientDocument, DispenserDocument?)>(() =>
            (
                AsLike(like!, id, name),
                stroke is null
                    ? null
                    : new DispenserDocument
                    {
                        Id = $"{id}-pump",
                        Name = $"{name} pump",
                        Ingredient = id,
                        Kind = "pump",
                        StrokeMl = stroke,
                    }
            )
        );
    }

    /// <summary>Another ingredient like one: with all that is known of that, but for its allergens. Those are for its
    /// own label to say, whatever it is called.</summary>
    internal static IngredientDocument AsLike(IngredientDocument like, string id, string name) =>
        like with
        {
            Id = id,
            Name = name,
            Source = $"Like {like.Name} of the starter pantry, until its label has been read.",
            Allergens = null,
        };
}
