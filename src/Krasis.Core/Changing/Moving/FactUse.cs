using Krasis.Core.Bar;
using Krasis.Core.Builds;

namespace Krasis.Core.Changing.Moving;

/// <summary>Tells which builds use a fact of the bar.</summary>
public static class FactUse
{
    /// <summary>Whether a build rests on a fact: its cup, something in it or in its parts, what gives or makes that, the foam
    /// level of a line, the pitcher of a line that is steamed; the house rules always.</summary>
    /// <param name="build">The build.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="kind">The sort of fact, as in addresses: cups, ingredients and so on.</param>
    /// <param name="id">The fact's id.</param>
    public static bool Uses(BuildDocument build, BarDocument bar, string kind, string id)
    {
        var used = BarSubset.For(build, bar);
        return kind switch
        {
            "cups" => used.Cups.Any(fact => fact.Id == id),
            "ingredients" => used.Ingredients.Any(fact => fact.Id == id),
            "dispensers" => used.Dispensers.Any(fact => fact.Id == id),
            "espresso" => used.Espresso.Any(fact => fact.Id == id),
            "coffees" => used.Coffees.Any(fact => fact.Id == id),
            "parts" => used.Parts.Any(fact => fact.Id == id),
            "foams" => build.Lines.Any(line => line.Foam == id),
            "pitchers" => build.Lines.Any(line => line.Technique == "steam"),
            _ => true,
        };
    }
}
