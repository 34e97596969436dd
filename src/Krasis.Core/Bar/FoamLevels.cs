using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar;

/// <summary>Which foam levels are right for what, and the temperatures that decide it: said here once, for proposals,
/// transformations, checks and cautions.</summary>
public static class FoamLevels
{
    /// <summary>Above it milk scalds: about 70 °C (common practice, no source).</summary>
    public static Celsius Scalds { get; } = Celsius.From(70);

    /// <summary>Milk that is warmer before the wand than a fridge left open has been warm before: 10 °C (common
    /// practice, no source).</summary>
    public static Celsius WarmBefore { get; } = Celsius.From(10);

    /// <summary>Milk for cold foaming is 0 to 3 °C (common practice, no source).</summary>
    public static Celsius ColdMilk { get; } = Celsius.From(3);

    /// <summary>The hottest that a milk may be steamed: what it bears, or else where milk scalds.</summary>
    public static Celsius Limit(Ingredient milk) => milk.SteamsBelow ?? Scalds;

    /// <summary>Whether a level is right for a milk: steamed from the fridge to where the house wants it, not scalded,
    /// and with something that manages such a milk.</summary>
    public static bool IsRight(FoamLevel level, Ingredient milk, HouseRules house) =>
        !level.IsCold
        && level.To.Value >= house.MilkFrom.Value
        && level.To.Value <= house.MilkTo.Value
        && level.To.Value <= Limit(milk).Value
        && level.From.Value <= WarmBefore.Value
        && level.Manages(milk);

    /// <summary>The right level for a milk: the house's own where that is right for it, or else the one with the least
    /// foam; null where the bar has none.</summary>
    public static FoamLevel? Right(Ingredient milk, BarFacts bar) =>
        bar
            .Foams.Where(level => IsRight(level, milk, bar.House))
            .OrderByDescending(level => level.Id == bar.House.Foam)
            .ThenBy(level => level.Overrun)
            .FirstOrDefault();
}
