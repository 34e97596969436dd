using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Bar.Likeness;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Bringing;

/// <summary>Guesses what the facts that another house's drinks rest on are here: by name, by kind and by what was
/// measured.</summary>
public static class Matching
{
    // Common practice, no source: above the first a name is taken to be meant, above the second it is worth showing.
    private const double SameName = 0.85;
    private const double LikeName = 0.55;

    // Cups this much apart are poured alike, and such densities are of the same thing; common practice, no source.
    internal const double SameCapacity = 0.02;
    private const double LikeCapacity = 0.12;
    private const double SameDensity = 0.02;
    private const double SameStroke = 0.05;

    /// <summary>What each fact that has to be decided would be here.</summary>
    /// <param name="builds">The drinks.</param>
    /// <param name="theirs">The bar that they come from, with what they rest on.</param>
    /// <param name="own">The bar that they come to.</param>
    /// <param name="remembered">What was said before of facts of that house.</param>
    public static IReadOnlyList<MatchedFact> Of(
        IReadOnlyList<BuildDocument> builds,
        BarFacts theirs,
        BarFacts own,
        IReadOnlyList<FactChoice> remembered
    )
    {
        var ingredients = theirs
            .Ingredients.Select(ingredient =>
                Remembered(
                    ingredient.IsPart ? BarKinds.Parts : BarKinds.Ingredients,
                    ingredient.Id.Value,
                    ingredient.Name,
                    SayOf(ingredient),
                    id => own.Find(new IngredientId(id))?.Name
                ) ?? Match(ingredient, own)
            )
            .ToList();
        var foams = builds
            .SelectMany(build => build.Lines)
            .Select(line => line.Foam)
            .OfType<string>()
            .ToHashSet(StringComparer.Ordinal);
        var comes = ingredients
            .Where(fact => fact.Choice.Comes)
            .Select(fact => fact.Choice.Id)
            .ToHashSet(StringComparer.Ordinal);
        return
        [
            .. theirs.Cups.Select(cup =>
                Remembered(BarKinds.Cups, cup.Id.Value, cup.Name, SayOf(cup), id => own.Find(new CupId(id))?.Name)
                ?? Match(cup, own)
            ),
            .. ingredients,
            .. theirs
                .Dispensers.Where(pump => comes.Contains(pump.Holds.Value))
                .Select(pump =>
                    Remembered(BarKinds.Dispensers, pump.Id, pump.Name, SayOf(pump), id =>
                        own.Dispensers.FirstOrDefault(other => other.Id == id)?.Name
                    ) ?? Match(pump, own)
                ),
            .. theirs
                .Foams.Where(foam => foams.Contains(foam.Id.Value))
                .Select(foam =>
                    Remembered(BarKinds.Foams, foam.Id.Value, foam.Name, SayOf(foam), id =>
                        own.Find(new FoamId(id))?.Name
                    ) ?? Match(foam, own)
                ),
        ];

        MatchedFact? Remembered(BarKind kind, string id, string name, string says, Func<string, string?> called) =>
            remembered.FirstOrDefault(choice => choice.Kind == kind.Name && choice.Id == id) is { } said
                ? said.Own is null
                    ? new MatchedFact(
                        said,
                        name,
                        says,
                        true,
                        said.Comes ? "As you said before, it comes along." : "As you said before, there is none here."
                    )
                    : called(said.Own) is { } here
                        ? new MatchedFact(said, name, says, true, $"As you said before, it is {here} here.")
                        : null
                : null;
    }

    private static MatchedFact Match(Cup cup, BarFacts own)
    {
        var near = own
            .Cups.Select(other =>
                (
                    Cup: other,
                    Off: Off(other.BrimCapacity.Value, cup.BrimCapacity.Value),
                    Name: NameLikeness.Of(cup.Name, other.Name)
                )
            )
            .OrderBy(pair => pair.Off - (pair.Name >= SameName ? LikeCapacity : 0))
            .FirstOrDefault(pair => pair.Off <= LikeCapacity);
        return near.Cup is null
            ? Comes(
                BarKinds.Cups,
                cup.Id.Value,
                cup.Name,
                SayOf(cup),
                $"No cup here holds about as much as {cup.Name}; it comes along."
            )
            : new MatchedFact(
                new FactChoice(BarKinds.Cups.Name, cup.Id.Value, near.Cup.Id.Value, false),
                cup.Name,
                SayOf(cup),
                near.Off <= SameCapacity,
                near.Off <= SameCapacity
                    ? $"{near.Cup.Name} holds as much."
                    : $"{near.Cup.Name} comes nearest: it holds {Say.Whole(near.Cup.BrimCapacity.Value)} ml, and the amounts follow."
            );
    }

    private static MatchedFact Match(Ingredient ingredient, BarFacts own)
    {
        var kind = ingredient.IsPart ? BarKinds.Parts : (BarKind)BarKinds.Ingredients;
        var near = own
            .Ingredients.Where(other => other.Kind == ingredient.Kind)
            .Select(other =>
                (
                    Ingredient: other,
                    Name: NameLikeness.Of(ingredient.Name, other.Name),
                    Off: Off(other.Density.Value, ingredient.Density.Value)
                )
            )
            .OrderByDescending(pair => pair.Name)
            .ThenBy(pair => pair.Off)
            .ToList();
        if (near is [{ Name: >= SameName } named, ..])
        {
            return Like(
                named.Ingredient,
                named.Off <= SameDensity,
                named.Off <= SameDensity
                    ? $"{named.Ingredient.Name} is called so too, and is as dense."
                    : $"{named.Ingredient.Name} is called so too, but is {SayOff(named.Ingredient, ingredient)}."
            );
        }

        if (near is [{ Name: >= LikeName } like, ..])
        {
            return Like(like.Ingredient, false, $"{like.Ingredient.Name} is called something like it.");
        }

        // Of coffee, milk, water and ice a house has its own; a flavour it has not is not another flavour, and what
        // brings in an allergen is not guessed at all.
        var safe = near.Where(pair => NewIn(pair.Ingredient, ingredient) is { Count: 0 }).ToList();
        return
            ingredient.Kind
                is IngredientKind.Espresso
                    or IngredientKind.Coffee
                    or IngredientKind.Tea
                    or IngredientKind.Milk
                    or IngredientKind.Water
                    or IngredientKind.Ice
            && safe.Count > 0
            ? safe.MinBy(pair => pair.Off) is var nearest && nearest.Off <= SameDensity
                ? Like(nearest.Ingredient, false, $"{nearest.Ingredient.Name} is of the same kind and as dense.")
                : Like(
                    nearest.Ingredient,
                    false,
                    $"{nearest.Ingredient.Name} is of the same kind, but is {SayOff(nearest.Ingredient, ingredient)}."
                )
            : Comes(
                kind,
                ingredient.Id.Value,
                ingredient.Name,
                SayOf(ingredient),
                $"Nothing here is called so; {ingredient.Name} comes along."
            );

        MatchedFact Like(Ingredient other, bool isSure, string why)
        {
            var brings = NewIn(other, ingredient);
            return new(
                new FactChoice(kind.Name, ingredient.Id.Value, other.Id.Value, false),
                ingredient.Name,
                SayOf(ingredient),
                isSure && brings is { Count: 0 },
                brings is null ? $"{why} Which allergens it brings in is not known of both."
                    : brings.Count > 0
                        ? $"{why} It {(brings.Exists(other.Allergens.Contains.Contains) ? "brings in" : "may bring in")} {string.Join(", ", brings.Select(AllergenLists.Say))}, which {ingredient.Name} does not."
                    : why
            );
        }
    }

    private static MatchedFact Match(Dispenser pump, BarFacts own)
    {
        var near = own
            .Dispensers.Where(other => other.Kind == pump.Kind)
            .Select(other => (Pump: other, Off: Off(other.YieldPerStroke.Value, pump.YieldPerStroke.Value)))
            .OrderBy(pair => pair.Off)
            .FirstOrDefault();
        return near.Pump is { } like && near.Off <= SameStroke
                ? new MatchedFact(
                    new FactChoice(BarKinds.Dispensers.Name, pump.Id, like.Id, false),
                    pump.Name,
                    SayOf(pump),
                    false,
                    $"A pump like {like.Name} gives as much: {SayOf(like)}."
                )
            : near.Pump is { } other
                ? new MatchedFact(
                    new FactChoice(BarKinds.Dispensers.Name, pump.Id, other.Id, false),
                    pump.Name,
                    SayOf(pump),
                    false,
                    $"None here gives as much; a pump like {other.Name} gives {SayOf(other)}, and the strokes follow."
                )
            : new MatchedFact(
                new FactChoice(BarKinds.Dispensers.Name, pump.Id, null, false),
                pump.Name,
                SayOf(pump),
                false,
                "There is no pump of its kind here: it is poured in millilitres."
            );
    }

    private static MatchedFact Match(FoamLevel foam, BarFacts own)
    {
        var near = own
            .Foams.Where(other => other.IsCold == foam.IsCold)
            .Select(other =>
                (Foam: other, Off: Math.Abs(other.Overrun - foam.Overrun), Name: NameLikeness.Of(foam.Name, other.Name))
            )
            .OrderBy(pair => pair.Off - (pair.Name >= SameName ? 1 : 0))
            .FirstOrDefault();
        return near.Foam is { } like
            ? new MatchedFact(
                new FactChoice(BarKinds.Foams.Name, foam.Id.Value, like.Id.Value, false),
                foam.Name,
                SayOf(foam),
                near.Off < 1e-6,
                near.Off < 1e-6
                    ? $"{like.Name} grows as much."
                    : $"{like.Name} comes nearest: it grows by {Say.Whole(like.Overrun * 100)} %."
            )
            : Comes(
                BarKinds.Foams,
                foam.Id.Value,
                foam.Name,
                SayOf(foam),
                $"No foam level here is like {foam.Name}; it comes along."
            );
    }

    private static MatchedFact Comes(BarKind kind, string id, string name, string says, string why) =>
        new(new FactChoice(kind.Name, id, null, true), name, says, false, why);

    // The allergens that the first ingredient contains, or may contain, and the second does not; null if a label is
    // unread.
    private static List<Allergen>? NewIn(Ingredient one, Ingredient other) =>
        one.Kind is IngredientKind.Water or IngredientKind.Ice ? []
        : one.Allergens.IsRead && other.Allergens.IsRead
            ?
            [
                .. AllergenLists
                    .Named.Where(allergen => one.Allergens.Of(allergen) > other.Allergens.Of(allergen))
                    .Order(),
            ]
        : null;

    private static double Off(double one, double other) => Math.Abs(one - other) / Math.Max(Math.Abs(other), 1e-9);

    private static string SayOff(Ingredient other, Ingredient ingredient) =>
        $"{Say.Whole(Off(other.Density.Value, ingredient.Density.Value) * 100)} % {(other.Density.Value < ingredient.Density.Value ? "lighter" : "heavier")}";

    private static string SayOf(Cup cup) => $"{Say.Whole(cup.BrimCapacity.Value)} ml";

    private static string SayOf(Ingredient ingredient) =>
        $"{(ingredient.IsPart ? "made there, " : "")}{Input.Choice.Word(ingredient.Kind)}, {Say.Fixed(ingredient.Density.Value, 2)} g/ml";

    private static string SayOf(Dispenser pump) => $"{Say.Short(pump.YieldPerStroke.Value)} ml a stroke";

    private static string SayOf(FoamLevel foam) =>
        $"grows by {Say.Whole(foam.Overrun * 100)} %{(foam.IsCold ? ", cold" : "")}";
}
