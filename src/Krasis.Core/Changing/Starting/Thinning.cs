using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Starting;

/// <summary>Keeps a tea as thin as its maker says while the cup is filled: milk alone would fill what is left.</summary>
internal static class Thinning
{
    // Less milk foams less, and leaves room again: they agree after a few rounds.
    private const int Rounds = 4;

    /// <summary>The share of tea and milk together that is tea, by volume: half where its maker does not say how far it
    /// is thinned (common practice, no source).</summary>
    public static double ShareOf(Ingredient tea) => tea.DilutionParts is { } parts and > 0 ? 1 / (1 + parts) : 0.5;

    /// <summary>The same build with tea and milk in that share, and the cup filled.</summary>
    /// <param name="build">The build, with its tea and its milk in millilitres.</param>
    /// <param name="tea">The tea.</param>
    /// <param name="bar">The bar.</param>
    public static BuildDocument Keep(BuildDocument build, Ingredient tea, BarFacts bar)
    {
        for (var round = 0; round < Rounds; round++)
        {
            var brew = build.Lines.FirstOrDefault(line => line.Ingredient == tea.Id.Value);
            var milk = build.Lines.FirstOrDefault(line =>
                bar.Find(new IngredientId(line.Ingredient ?? "")) is { Kind: IngredientKind.Milk }
            );
            if (brew is null || milk is null)
            {
                return build;
            }

            var step = BarRounding.StepOf(Measure.Millilitre, tea, bar);
            var whole = (brew.Amount ?? 0) + (milk.Amount ?? 0);
            var wanted = Math.Max(step, BarRounding.Round(whole * ShareOf(tea), step));
            build = build with
            {
                Lines =
                [
                    .. build.Lines.Select(line =>
                        line == brew ? line with { Amount = wanted }
                        : line == milk ? line with { Amount = Math.Max(step, whole - wanted) }
                        : line
                    ),
                ],
            };
            build = Fitting.Fill(build, bar);
        }

        return build;
    }
}
