using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Milk;

/// <summary>In what a size's milk is steamed, and what of it is poured away.</summary>
/// <param name="Pitcher">The smallest pitcher that holds it; null when the bar has none that does.</param>
/// <param name="Pitchers">How many of them it takes.</param>
/// <param name="Waste">Milk that is steamed only because the pitcher needs so much, and is poured away.</param>
public sealed record MilkPlan(string? Pitcher, int Pitchers, Millilitres Waste)
{
    /// <summary>Plans a size's milk.</summary>
    /// <param name="milk">Cold milk to be steamed.</param>
    /// <param name="pitchers">The bar's pitchers.</param>
    /// <returns>The plan; null when nothing is steamed or the bar has no pitchers.</returns>
    /// <remarks>Milk goes to just under the spout before steaming: the smallest pitcher that holds it so is taken; when
    /// none does, as many of the largest as it needs. Milk is never steamed twice, so what a pitcher needs above the
    /// dose is waste.</remarks>
    public static MilkPlan? For(Millilitres milk, IReadOnlyList<Pitcher> pitchers)
    {
        if (milk.Value <= 0 || pitchers.Count == 0)
        {
            return null;
        }

        var fits = pitchers.Where(pitcher => pitcher.ToSpout >= milk).MinBy(pitcher => pitcher.ToSpout);
        if (fits is not null)
        {
            return new MilkPlan(fits.Name, 1, Above(fits.Least, milk));
        }

        var largest = pitchers.MaxBy(pitcher => pitcher.ToSpout)!;
        var count = (int)Math.Ceiling((milk / largest.ToSpout) - 1e-9);
        return new MilkPlan(largest.Name, count, Above(largest.Least * count, milk));
    }

    private static Millilitres Above(Millilitres least, Millilitres milk) => least > milk ? least - milk : default;
}
