using Krasis.Core.Bar.House;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Tasting;

/// <summary>How far a size is from the reference size.</summary>
/// <param name="Strength">In strength; negative when weaker; null when either is not known or the reference has
/// none.</param>
/// <param name="Sweetness">In sweetness, likewise.</param>
/// <param name="Ratio">In grams of milk to a gram of coffee, likewise; positive when milkier.</param>
public sealed record Drift(Percent? Strength, Percent? Sweetness, Percent? Ratio)
{
    /// <summary>In percent: less than half of one is said to be nothing.</summary>
    public const double Noticeable = 0.5;

    // Below so little, as a share or in percent, there is nothing to be a percentage of.
    private const double Least = 1e-8;

    /// <summary>In colour when it is handed over, ΔE₀₀; null where either cup is empty.</summary>
    public double? Colour { get; init; }

    /// <summary>Whether the colour is further off than the house allows.</summary>
    public bool IsColourFar { get; init; }

    /// <summary>Whether the strength is further off than the house allows.</summary>
    public bool IsStrengthFar { get; init; }

    /// <summary>Whether the sweetness is further off than the house allows.</summary>
    public bool IsSweetnessFar { get; init; }

    /// <summary>The same drift, held against what the house allows.</summary>
    public Drift Against(HouseRules house) =>
        this with
        {
            IsStrengthFar = IsBeyond(Strength, house.AllowedStrengthDrift),
            IsSweetnessFar = IsBeyond(Sweetness, house.AllowedSweetnessDrift),
            IsColourFar = Colour > house.AllowedColourDrift,
        };

    /// <summary>The same drift with that of the colour.</summary>
    public Drift InColour(Light? reference, Light? size) =>
        reference is { } standard && size is { } other
            ? this with
            {
                Colour = Ciede2000.Between(standard.ToLab(), other.ToLab()),
            }
            : this;

    /// <summary>Whether a drift is further off than allowed.</summary>
    public static bool IsBeyond(Percent? drift, Percent allowed) =>
        drift is { } found && Math.Abs(found.Value) > allowed.Value;

    /// <summary>Compares a size with the reference size.</summary>
    public static Drift Between(Taste reference, Taste size) =>
        new(
            Of(reference.Strength?.Value, size.Strength?.Value),
            Of(reference.Sweetness?.Value, size.Sweetness?.Value),
            Of(reference.MilkPerCoffee, size.MilkPerCoffee)
        );

    /// <summary>How far a value is from a standard; null where either is not known or the standard is
    /// nothing.</summary>
    public static Percent? Of(double? standard, double? value) =>
        standard is > Least && value is { } known && double.IsFinite(known)
            ? Percent.From(((known / standard.Value) - 1) * 100)
            : null;
}
