using Krasis.Core.Bar.House;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Tasting;

/// <summary>How far a size is from the reference size.</summary>
/// <param name="Strength">In strength; negative when weaker; null when either is not known or the reference has none.</param>
/// <param name="Sweetness">In sweetness, likewise.</param>
/// <param name="Ratio">In grams of milk to a gram of coffee, likewise; positive when milkier.</param>
public sealed record Drift(Percent? Strength, Percent? Sweetness, Percent? Ratio)
{
    /// <summary>Whether the strength is further off than the house allows.</summary>
    public bool IsStrengthFar { get; init; }

    /// <summary>Whether the sweetness is further off than the house allows.</summary>
    public bool IsSweetnessFar { get; init; }

    /// <summary>The same drift, held against what the house allows.</summary>
    public Drift Against(HouseRules house) => this with
    {
        IsStrengthFar = IsBeyond(Strength, house.AllowedStrengthDrift),
        IsSweetnessFar = IsBeyond(Sweetness, house.AllowedSweetnessDrift),
    };

    /// <summary>Whether a drift is further off than allowed.</summary>
    public static bool IsBeyond(Percent? drift, Percent allowed) => drift is { } found && Math.Abs(found.Value) > allowed.Value;

    /// <summary>Compares a size with the reference size.</summary>
    public static Drift Between(Taste reference, Taste size) => new(
        Of(reference.Strength?.Value, size.Strength?.Value),
        Of(reference.Sweetness?.Value, size.Sweetness?.Value),
        Of(reference.MilkPerCoffee, size.MilkPerCoffee));

    // Below a millionth there is nothing to be a percentage of.
    private static Percent? Of(double? reference, double? size) =>
        reference is > 1e-6 && size is not null ? Percent.From(((size.Value / reference.Value) - 1) * 100) : null;
}
