using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Transforming;

/// <summary>Makes a drink without milk, as far as the labels tell. "May contain milk" and an unread label are never taken
/// for "no milk".</summary>
internal static class MilkLeftOut
{
    // One topping replaces another only if their densities are within a quarter: a coconut whip may replace cream, and
    // candied peel may not (common practice, no source).
    private const double AsAiry = 0.25;

    /// <summary>Does it.</summary>
    /// <param name="document">The build.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="milk">The plant drink to take; null for the bar's best: one that names no milk before one that may
    /// contain it.</param>
    public static Reading<Transformed> Of(BuildDocument document, BarFacts bar, IngredientId? milk)
    {
        var plant = PlantFor(bar, milk);
        if (!plant.IsRead)
        {
            return Reading<Transformed>.Failed(plant.Problems);
        }

        var reading = BuildReader.Read(document, bar, nameless: true);
        if (!reading.IsRead)
        {
            return Reading<Transformed>.Failed(reading.Problems);
        }

        var draft = new Draft(document, bar);
        foreach (var line in document.Lines)
        {
            Change(draft, line, plant.Value);
        }

        return Reading<Transformed>.Of(draft.Finish());
    }

    /// <summary>Notes what else in a drink contains milk, may contain it, or has an unread label. A guest who asks for a
    /// plant drink expects no other milk in it.</summary>
    /// <param name="draft">The drink, with the plant drink already in it.</param>
    public static void TellWhatElseBringsIt(Draft draft)
    {
        foreach (var line in draft.Build.Lines.DistinctBy(line => (line.Ingredient, GuestWishes.IsTop(line, draft))))
        {
            var ingredient = draft.IngredientOf(line)!;
            var offer = GuestWishes.IsTop(line, draft) ? ChangeOffer.NoTop : default(ChangeOffer?);
            switch (ingredient.Allergens.Of(Allergen.Milk))
            {
                case Presence.Contains:
                    draft.Note(
                        line.Id,
                        $"{ingredient.Name} stays in, and it contains milk.",
                        "The milk is swapped, and nothing else.",
                        offer
                    );
                    break;
                case Presence.MayContain:
                    draft.Note(line.Id, $"{ingredient.Name} may contain milk.", "Its label says so.", offer);
                    break;
                case Presence.Unknown:
                    draft.Note(
                        line.Id,
                        $"{ingredient.Name} may or may not contain milk.",
                        "Nobody has read its label.",
                        offer
                    );
                    break;
            }
        }
    }

    private static Reading<Ingredient> PlantFor(BarFacts bar, IngredientId? milk)
    {
        var plant = milk is { } chosen
            ? bar.Find(chosen)
            : bar
                .Ingredients.Where(ingredient => ingredient.Kind == IngredientKind.Milk && IsPlant(ingredient))
                .OrderBy(ingredient => ingredient.Allergens.Of(Allergen.Milk))
                .FirstOrDefault();
        return plant is { Kind: IngredientKind.Milk } && IsPlant(plant)
            ? Reading<Ingredient>.Of(plant)
            : Problem.At(
                "milk",
                milk?.Value,
                plant is null
                    ? "The bar has no plant drink whose label has been read."
                    : $"{plant.Name} is not known to be without milk.",
                "an ingredient of the kind milk whose allergens are entered and do not hold milk"
            );
    }

    private static bool IsPlant(Ingredient ingredient) =>
        ingredient.Allergens.Of(Allergen.Milk) is Presence.NotNamed or Presence.MayContain;

    private static void Change(Draft draft, LineDocument line, Ingredient plant)
    {
        var ingredient = draft.IngredientOf(line)!;
        var milk = ingredient.Allergens.Of(Allergen.Milk);
        if (milk == Presence.NotNamed)
        {
            return;
        }

        // A milk that nobody has read makes way for a plant drink that somebody has.
        if (
            milk == Presence.Unknown
            && (ingredient.Kind != IngredientKind.Milk || plant.Allergens.Of(Allergen.Milk) > milk)
        )
        {
            draft.Note(
                line.Id,
                $"{ingredient.Name} stays.",
                "Nobody has read its label: unknown is not free from milk."
            );
        }
        else if (TwinOf(ingredient, draft) is { } twin)
        {
            Exchange.Put(
                draft,
                line,
                twin,
                $"{(twin.IsPart ? "The house's own" : "What the bar has of the kind")} without milk, in the place of {ingredient.Name}. The volume stays."
            );
        }
        else if (ingredient.Kind == IngredientKind.Milk && plant.Allergens.Of(Allergen.Milk) < milk)
        {
            PutPlant(draft, line, ingredient, plant);
        }
        else if (milk == Presence.MayContain)
        {
            draft.Note(
                line.Id,
                $"{ingredient.Name} stays and may contain milk.",
                "Its label says so; for a guest who must not have any, leave it off or choose another by hand."
            );
        }
        else if (ingredient.IsTopping)
        {
            draft.Build = draft.Build with { Lines = [.. draft.Build.Lines.Where(each => each.Id != line.Id)] };
            draft.Note(line.Id, $"{ingredient.Name} is left out.", "It contains milk.");
        }
        else
        {
            draft.Note(
                line.Id,
                $"{ingredient.Name} stays and contains milk.",
                "The bar has nothing of its kind to put in its place; choose one by hand."
            );
        }
    }

    private static void PutPlant(Draft draft, LineDocument line, Ingredient old, Ingredient plant)
    {
        var lost = old.MadeOf.Count == 0 ? "" : $" What {old.Name} brought besides is lost: {Say.List(old.MadeOf)}.";
        var traces =
            plant.Allergens.Of(Allergen.Milk) == Presence.MayContain
                ? $" {plant.Name} may contain milk by its label, and the bar has no plant drink that names none."
                : "";
        Exchange.Put(draft, line, plant, $"The volume stays, so that the cup is as full.{lost}{traces}");
    }

    // Replaces a part or a topping: the same kind, as airy, kept as cold, and not in the drink already.
    private static Ingredient? TwinOf(Ingredient ingredient, Draft draft) =>
        ingredient.IsPart || ingredient.IsTopping
            ? draft.Bar.Ingredients.FirstOrDefault(other =>
                other.Id != ingredient.Id
                && other.Kind == ingredient.Kind
                && other.IsPart == ingredient.IsPart
                && other.Allergens.Of(Allergen.Milk) == Presence.NotNamed
                && (
                    !ingredient.IsTopping
                    || (
                        other.IsChilled == ingredient.IsChilled
                        && Math.Abs(other.Density.Value - ingredient.Density.Value) <= AsAiry * ingredient.Density.Value
                        && draft.Build.Lines.All(line => line.Ingredient != other.Id.Value)
                    )
                )
            )
            : null;
}
