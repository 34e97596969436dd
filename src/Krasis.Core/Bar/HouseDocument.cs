namespace Krasis.Core.Bar;

/// <summary>The house rules as they are entered and stored. Nothing in them is trusted before
/// <see cref="HouseReader"/> has read them.</summary>
public sealed record HouseDocument
{
    /// <summary>Height kept free below the brim in a new build, mm.</summary>
    public double? ReserveMm { get; init; }

    /// <summary>To what milk, coffee and water are rounded, ml.</summary>
    public double? LiquidStepMl { get; init; }

    /// <summary>To what ice is rounded, g.</summary>
    public double? IceStepGrams { get; init; }

    /// <summary>To what anything else on the scale is rounded, g.</summary>
    public double? WeighingStepGrams { get; init; }

    /// <summary>How far a size may be from the reference size in strength, %.</summary>
    public double? StrengthDriftPercent { get; init; }

    /// <summary>How far a size may be from the reference size in sweetness, %.</summary>
    public double? SweetnessDriftPercent { get; init; }
}
