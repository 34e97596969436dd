using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.Starting;

/// <summary>A build to start from, and what to know before tasting it.</summary>
/// <param name="Build">The build, without a name.</param>
/// <param name="Says">A sentence about its caffeine, and one that compares its strength with what the house
/// sells.</param>
public sealed record Proposal(BuildDocument Build, IReadOnlyList<string> Says)
{
    /// <summary>Describes a proposal.</summary>
    /// <param name="build">The build that is proposed.</param>
    /// <param name="made">What it is made on.</param>
    /// <param name="sold">How strong the house's drinks on it are; null where it sells none.</param>
    /// <param name="bar">The bar.</param>
    internal static Proposal Of(BuildDocument build, IngredientId made, HouseStrength? sold, BarFacts bar)
    {
        var sheet = Mixer.Mix(BuildReader.Read(build, bar, nameless: true).Value, bar);
        return new(build, [.. new[] { Caffeine(sheet), Strength(sheet, bar.Find(made)!.Name, sold) }.OfType<string>()]);
    }

    private static string? Caffeine(BuildSheet sheet)
    {
        var unknown = sheet.Sizes.SelectMany(size => size.Inside.Nutrition.Gaps.Caffeine).Distinct().ToList();
        if (unknown.Count > 0)
        {
            return $"Caffeine unknown: enter it for {Say.List(unknown)} under The bar.";
        }

        var each = sheet
            .Sizes.GroupBy(size => Say.Whole(size.Inside.Nutrition.CaffeineKnown.Value))
            .ToDictionary(group => group.Key, group => Say.List([.. group.Select(size => size.Name)]));
        return each.Keys.All(milligrams => milligrams == "0")
            ? null
            : $"Caffeine: {Say.List([.. each.Select(one => $"{one.Key} mg in {one.Value}")])}.";
    }

    private static string? Strength(BuildSheet sheet, string made, HouseStrength? sold)
    {
        var reference = sheet.Sizes.Single(size => size.IsReference);
        if (sold is null || reference.Taste.Poured.Strength is not { Value: > 0 } strength)
        {
            return null;
        }

        var serve = Choice.Word(sheet.Serve);
        var beside =
            sold.Drinks == 1
                ? $"Your {serve} drink with {made} has {Say.Hundredths(sold.Percent)} %."
                : $"Your {sold.Drinks} {serve} drinks with {made} have around {Say.Hundredths(sold.Percent)} %.";
        var drift = Drift.Of(sold.Percent, strength.Value)!.Value.Value;
        var says = $"Strength in {reference.Name}: {Say.Hundredths(strength.Value)} %. {beside}";
        return Math.Abs(drift) <= sheet.AllowedStrengthDrift.Value
            ? says
            : $"{says} Krasis found nothing closer that fits every cup and tastes the same in each.";
    }
}
