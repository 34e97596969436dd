namespace Krasis.Core.Bar.Coffee;

/// <summary>An espresso recipe as it is entered and stored. Nothing in it is trusted before
/// <see cref="EspressoReader"/> has read it.</summary>
public sealed record EspressoDocument
{
    /// <summary>The id.</summary>
    public string? Id { get; init; }

    /// <summary>What the bar calls it.</summary>
    public string? Name { get; init; }

    /// <summary>The id of the ingredient that comes out.</summary>
    public string? Ingredient { get; init; }

    /// <summary>Ground coffee in, g a pull.</summary>
    public double? DoseGrams { get; init; }

    /// <summary>Espresso out, g a pull.</summary>
    public double? YieldGrams { get; init; }

    /// <summary>The same by volume, ml without the crema; used where no mass is said.</summary>
    public double? YieldMl { get; init; }

    /// <summary>How many shots a pull counts for.</summary>
    public double? ShotsPerPull { get; init; }

    /// <summary>Share of the dose that is dissolved in the yield, %.</summary>
    public double? ExtractionPercent { get; init; }

    /// <summary>Coffee solids in the yield as measured, %; gives the extraction where that is not said.</summary>
    public double? TdsPercent { get; init; }

    /// <summary>The shortest that a good pull takes, s.</summary>
    public double? SecondsFrom { get; init; }

    /// <summary>The longest that a good pull takes, s.</summary>
    public double? SecondsTo { get; init; }

    /// <summary>The least that the basket takes, g.</summary>
    public double? BasketFromGrams { get; init; }

    /// <summary>The most that the basket takes, g.</summary>
    public double? BasketToGrams { get; init; }

    /// <summary>Whether a shot may be halved: a pull is split into cups.</summary>
    public bool? HalfShots { get; init; }

    /// <summary>How warm the espresso is in the cup, °C.</summary>
    public double? CupCelsius { get; init; }

    /// <summary>The id of the station whose grinder and machine it is for; missing when it holds at every
    /// station.</summary>
    public string? Station { get; init; }

    /// <summary>The grinder that it is ground in, by name.</summary>
    public string? Grinder { get; init; }

    /// <summary>The day the coffee in the hopper was roasted, as 2026-11-20.</summary>
    public string? RoastedOn { get; init; }

    /// <summary>How many days it rests after that before it is pulled.</summary>
    public double? RestDays { get; init; }

    /// <summary>Where the grinder stands, in the house's own words.</summary>
    public string? Grind { get; init; }

    /// <summary>What the last checked pull gave, g.</summary>
    public double? PulledGrams { get; init; }

    /// <summary>How long the last checked pull took, s.</summary>
    public double? PulledSeconds { get; init; }
}
