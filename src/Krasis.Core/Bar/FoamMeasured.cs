using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar;

/// <summary>What a foam level does to 100 ml of cold whole milk.</summary>
/// <param name="Overrun">Volume gained by foaming, as entered or as read off a jug; null before the level can be
/// read.</param>
/// <param name="Steam">Steam that condenses into it; null before the level can be read.</param>
/// <param name="Liquid">Its volume afterwards without the air; null before the level can be read.</param>
/// <param name="Volume">Its volume afterwards with the air; null before the level can be read.</param>
/// <param name="Says">The rest in sentences.</param>
public sealed record FoamMeasured(
    Percent? Overrun,
    Grams? Steam,
    Millilitres? Liquid,
    Millilitres? Volume,
    IReadOnlyList<string> Says
)
{
    /// <summary>Works out what is there so far; what is missing or cannot be is left out, and told when the level is
    /// read.</summary>
    public static FoamMeasured Of(FoamDocument document, HouseRules house)
    {
        var read = FoamReader.Read(document with { Id = "new", Name = "New" });
        if (!read.IsRead)
        {
            return new FoamMeasured(null, null, null, null, []);
        }

        var level = read.Value;
        var liquid = FoamReader.LiquidOf100(level.IsCold, level.From, level.To, level.Steam);
        var steam = liquid - 100;
        return new FoamMeasured(
            Percent.From(level.Overrun * 100),
            Grams.From(steam),
            Millilitres.From(liquid),
            Millilitres.From(liquid * (1 + level.Overrun)),
            [.. Sentences(level, house)]
        );
    }

    private static IEnumerable<string> Sentences(FoamLevel level, HouseRules house)
    {
        if (!level.IsCold && (level.To.Value < house.MilkFrom.Value || level.To.Value > house.MilkTo.Value))
        {
            yield return $"Ends at {Say.Short(level.To.Value)} °C; the house steams to {Say.Short(house.MilkFrom.Value)} to {Say.Short(house.MilkTo.Value)} °C.";
        }

        if (level.To.Value > FoamLevels.Scalds.Value)
        {
            yield return $"Milk scalds above about {Say.Degrees(FoamLevels.Scalds)}.";
        }
    }
}
