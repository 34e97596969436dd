using Krasis.Core.Quantities;

namespace Krasis.Core.Making;

/// <summary>How espresso is pulled in a step.</summary>
/// <param name="Recipe">What the bar calls the recipe.</param>
/// <param name="Pulls">How many are pulled.</param>
/// <param name="Dose">Ground coffee in, a pull.</param>
/// <param name="Yield">Espresso out, a pull.</param>
/// <param name="SecondsFrom">The shortest that a good pull takes, s; null where the house has no window.</param>
/// <param name="SecondsTo">The longest, s.</param>
/// <param name="PouredAway">Espresso of those pulls that goes into no cup.</param>
public sealed record StepShot(
    string Recipe,
    int Pulls,
    Grams Dose,
    Grams Yield,
    double? SecondsFrom,
    double? SecondsTo,
    Grams PouredAway
)
{
    /// <summary>All of it in one line.</summary>
    /// <example>2 pulls: 18.5 g in, 39 g out, 26 to 30 s</example>
    public string Says =>
        Pulls == 0
            ? $"the rest of the pull before{(PouredAway.Value > 0 ? $"; {Say.Short(PouredAway.Value)} g go into no cup" : "")}"
            : $"{(Pulls == 1 ? "" : $"{Pulls} pulls: ")}{Say.Short(Dose.Value)} g in, {Say.Short(Yield.Value)} g out{(SecondsFrom is { } from && SecondsTo is { } to ? $", {Say.Short(from)} to {Say.Short(to)} s" : "")}{(PouredAway.Value > 0 ? $"; {Say.Short(PouredAway.Value)} g go into no cup" : "")}";
}
