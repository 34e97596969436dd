using System.Text.RegularExpressions;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Likeness;
using Krasis.Core.Quantities;

namespace Krasis.Recipes.Finding;

/// <summary>Finds the bar's cups by what they are called in recipes: their name, what is printed on them, small and
/// large.</summary>
/// <param name="bar">The bar.</param>
internal sealed partial class SizeFinder(BarFacts bar)
{
    // A cup that is sold as so much is called by it, and by its neighbours' roundings (common practice, no source).
    private const double SameLabel = 0.12;

    private static readonly Dictionary<string, int> Orders = new(StringComparer.OrdinalIgnoreCase)
    {
        ["small"] = 0,
        ["s"] = 0,
        ["sm"] = 0,
        ["short"] = 0,
        ["medium"] = 1,
        ["m"] = 1,
        ["med"] = 1,
        ["regular"] = 1,
        ["reg"] = 1,
        ["large"] = 2,
        ["l"] = 2,
        ["lg"] = 2,
        ["lrg"] = 2,
        ["big"] = 2,
    };

    /// <summary>The cup that words call.</summary>
    /// <param name="said">Such as <c>16 oz</c>, <c>large</c>, <c>the Heron</c>.</param>
    /// <returns>The cup and why it may be another, null where there is no doubt; nothing where they call
    /// none.</returns>
    public (Cup Cup, string? Doubt)? Find(string said)
    {
        var text = Around().Replace(said.Trim(), "").Trim();
        if (text.Length == 0)
        {
            return null;
        }

        if (bar.Cups.FirstOrDefault(cup => NameLikeness.Of(cup.Name, text) >= 0.89) is { } named)
        {
            return (named, null);
        }

        if (Labelled().Match(text) is { Success: true } label)
        {
            var ml = MlOf(label);
            var labels = bar
                .Cups.Where(cup => cup.Label is not null)
                .Select(cup => (Cup: cup, Off: Math.Abs((cup.Label!.Value.Value / ml) - 1)))
                .Where(one => one.Off <= SameLabel)
                .OrderBy(one => one.Off)
                .ToList();
            return labels.Count > 0
                ? (
                    labels[0].Cup,
                    labels[0].Off <= 0.03
                        ? null
                        : $"taken for {labels[0].Cup.Name}, which is sold as {labels[0].Cup.Label!.Value.Value:0} ml"
                )
                : null;
        }

        if (Orders.TryGetValue(text, out var place) && bar.Cups.Count > 1)
        {
            var cups = bar.Cups.OrderBy(cup => cup.BrimCapacity.Value).ToList();
            var cup = place switch
            {
                0 => cups[0],
                1 => cups[cups.Count / 2],
                _ => cups[^1],
            };
            return (cup, $"taken for {cup.Name}");
        }

        return null;
    }

    /// <summary>Whether words say how large a cup is, whether the bar has it or not.</summary>
    public bool IsSize(string said) =>
        Find(said) is not null || Labelled().IsMatch(Around().Replace(said.Trim(), "").Trim());

    private static double MlOf(Match label)
    {
        var number = SpokenNumber.Read(label.Groups["number"].Value.Trim());
        return label.Groups["unit"].Value.ToLowerInvariant() switch
        {
            "ml" => number,
            "cl" => number * 10,
            _ => Measure.UsFluidOunce.ToMillilitres(number).Value,
        };
    }

    [GeneratedRegex(
        @"^(?:(?:for|in|the|an?|our|size)\s+)+|\s+(?:cup|glass|size|mug|one|drink)s?$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex Around();

    [GeneratedRegex(
        @"^(?<number>[0-9]{1,3}(?:[.,][0-9])?|[0-9]{0,2}\s?½)\s*-?\s*(?<unit>oz|ozs|ounce|ounces|fl\.?\s*oz\.?|floz|ml|cl)\.?$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex Labelled();
}
