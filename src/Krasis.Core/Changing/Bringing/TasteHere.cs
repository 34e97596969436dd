using Krasis.Core.Bar.House;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.Bringing;

/// <summary>Compares the taste of an imported drink with its taste in the house that it comes from.</summary>
internal static class TasteHere
{
    /// <summary>A sentence for each size that tastes more different than the house allows between sizes.</summary>
    /// <param name="there">The drink's sheet there, under the cups of here.</param>
    /// <param name="here">Its sheet here.</param>
    /// <param name="house">This house.</param>
    public static IEnumerable<string> Differs(BuildSheet there, BuildSheet here, HouseRules house)
    {
        foreach (var now in here.Sizes)
        {
            if (there.Sizes.FirstOrDefault(size => size.Size == now.Size) is not { } was)
            {
                continue;
            }

            var drift = Drift.Between(was.Taste.Poured, now.Taste.Poured);
            var (strength, sweetness) = DriftWords.Of(drift.Strength, drift.Sweetness);
            string[] beyond =
            [
                .. new[]
                {
                    (Says: strength, By: drift.Strength, Allowed: house.AllowedStrengthDrift),
                    (Says: sweetness, By: drift.Sweetness, Allowed: house.AllowedSweetnessDrift),
                }
                    .Where(one => one.By is { } by && Math.Abs(by.Value) > one.Allowed.Value + 1e-9)
                    .Select(one => one.Says),
            ];
            if (beyond.Length > 0)
            {
                yield return $"{now.Name} will be {Say.List(beyond)} here.";
            }
        }
    }
}
