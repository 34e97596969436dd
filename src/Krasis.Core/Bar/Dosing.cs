using Krasis.Core.Bar.Dispensers;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar;

/// <summary>Says a quantity of an ingredient in grams, in millilitres and in every other measure of the bar.</summary>
public static class Dosing
{
    /// <summary>The measures in which this bar can say how much of an ingredient, the most natural one first.</summary>
    public static IReadOnlyList<Measure> MeasuresFor(Ingredient ingredient, BarFacts bar) =>
        [
            .. Measure
                .All.Where(measure => Refusal(ingredient, measure, bar) is null)
                .OrderBy(measure => Rank(ingredient, measure)),
        ];

    /// <summary>Why an ingredient cannot be said in a measure at this bar; null if it can.</summary>
    public static string? Refusal(Ingredient ingredient, Measure measure, BarFacts bar) =>
        measure.Kind switch
        {
            MeasureKind.Stroke when bar.DispenserOf(ingredient.Id) is null =>
                $"No dispenser holds {ingredient.Name}, so it has no {measure.Plural}.",
            MeasureKind.Stroke
                when (measure == Measure.Scoop)
                    != (bar.DispenserOf(ingredient.Id)!.Kind is DispenserKind.Scoop or DispenserKind.Spoon) =>
                $"{bar.DispenserOf(ingredient.Id)!.Name} gives {ingredient.Name} by the {(measure == Measure.Scoop ? "stroke" : "scoop")}, not by the {measure.Symbol}.",
            MeasureKind.Shot when bar.EspressoOf(ingredient.Id) is null =>
                $"No espresso recipe makes {ingredient.Name}, so it has no shots.",
            MeasureKind.Piece when !ingredient.IsIce => $"Only ice comes in cubes, and {ingredient.Name} is none.",
            MeasureKind.Volume when ingredient.IsIce => "Ice is weighed: a scoop of it is half air.",
            _ => null,
        };

    /// <summary>The mass of a quantity.</summary>
    /// <exception cref="ArgumentException">The bar cannot say the ingredient in that measure; whoever read the
    /// quantity was to ask <see cref="Refusal"/>.</exception>
    public static Grams Mass(Quantity quantity, Ingredient ingredient, BarFacts bar) =>
        quantity.Measure.Kind switch
        {
            MeasureKind.Mass => quantity.Measure.ToGrams(quantity.Amount),
            MeasureKind.Shot => PerShot(ingredient, bar) * quantity.Amount,
            MeasureKind.Piece => PerPiece(ingredient, bar) * quantity.Amount,
            _ => Volume(quantity, ingredient, bar) * ingredient.Density,
        };

    /// <summary>The volume of a quantity at the ingredient's density as served.</summary>
    /// <exception cref="ArgumentException">As for <see cref="Mass"/>.</exception>
    public static Millilitres Volume(Quantity quantity, Ingredient ingredient, BarFacts bar) =>
        quantity.Measure.Kind switch
        {
            MeasureKind.Volume when !ingredient.IsIce => quantity.Measure.ToMillilitres(quantity.Amount),
            MeasureKind.Stroke => PerStroke(ingredient, bar) * quantity.Amount,
            MeasureKind.Mass or MeasureKind.Shot or MeasureKind.Piece => Mass(quantity, ingredient, bar)
                / ingredient.Density,
            _ => throw new ArgumentException(Refusal(ingredient, quantity.Measure, bar), nameof(quantity)),
        };

    /// <summary>The same quantity in another measure.</summary>
    /// <returns>The quantity, or a problem under <paramref name="field"/> when the bar cannot say it so.</returns>
    public static Reading<Quantity> Convert(
        Quantity quantity,
        Measure to,
        Ingredient ingredient,
        BarFacts bar,
        string field
    )
    {
        foreach (var measure in new[] { quantity.Measure, to })
        {
            if (Refusal(ingredient, measure, bar) is { } refusal)
            {
                return Problem.At(
                    field,
                    measure.Symbol,
                    refusal,
                    string.Join(", ", MeasuresFor(ingredient, bar).Select(possible => possible.Symbol))
                );
            }
        }

        if (quantity.Measure == to)
        {
            return Reading<Quantity>.Of(quantity);
        }

        var amount = to.Kind switch
        {
            MeasureKind.Mass => Mass(quantity, ingredient, bar) / to.ToGrams(1),
            MeasureKind.Volume => Volume(quantity, ingredient, bar) / to.ToMillilitres(1),
            MeasureKind.Stroke => Volume(quantity, ingredient, bar) / PerStroke(ingredient, bar),
            MeasureKind.Piece => Mass(quantity, ingredient, bar) / PerPiece(ingredient, bar),
            _ => Mass(quantity, ingredient, bar) / PerShot(ingredient, bar),
        };
        return amount <= to.Most
            ? Reading<Quantity>.Of(new Quantity(amount, to))
            : Problem.At(
                field,
                quantity.ToString(),
                $"{quantity} is {Say.Short(amount)} {to.Plural}, which is too much.",
                $"at most {to.Most} {to.Plural}"
            );
    }

    /// <summary>How far apart two statements of one amount may be, as a share of the larger: a stroke is no jigger
    /// (common practice, no source).</summary>
    public const double PairTolerance = 0.10;

    /// <summary>Whether two amounts of an ingredient are further apart than <see cref="PairTolerance"/>.</summary>
    public static bool Contradict(Quantity one, Quantity other, Ingredient ingredient, BarFacts bar)
    {
        var (a, b) = (Mass(one, ingredient, bar).Value, Mass(other, ingredient, bar).Value);
        return Math.Abs(a - b) > PairTolerance * Math.Max(a, b);
    }

    private static Grams PerShot(Ingredient ingredient, BarFacts bar) =>
        bar.EspressoOf(ingredient.Id)?.PerShot
        ?? throw new ArgumentException(Refusal(ingredient, Measure.Shot, bar), nameof(ingredient));

    private static Grams PerPiece(Ingredient ingredient, BarFacts bar) =>
        ingredient.PieceMass ?? throw new ArgumentException(Refusal(ingredient, Measure.Cube, bar), nameof(ingredient));

    private static Millilitres PerStroke(Ingredient ingredient, BarFacts bar) =>
        bar.DispenserOf(ingredient.Id)?.YieldPerStroke
        ?? throw new ArgumentException(Refusal(ingredient, Measure.Stroke, bar), nameof(ingredient));

    private static int Rank(Ingredient ingredient, Measure measure) =>
        (ingredient.Kind, measure.Kind) switch
        {
            (_, MeasureKind.Shot or MeasureKind.Stroke) => 0,
            (
                IngredientKind.Sauce
                    or IngredientKind.Ice
                    or IngredientKind.IceCream
                    or IngredientKind.Powder
                    or IngredientKind.Topping
                    or IngredientKind.Flavour,
                MeasureKind.Mass
            ) when measure == Measure.Gram => 1,
            (_, MeasureKind.Piece) => 2,
            _ => 3,
        };
}
