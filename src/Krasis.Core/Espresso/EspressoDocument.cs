namespace Krasis.Core.Espresso;

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

    /// <summary>How many shots a pull counts for.</summary>
    public double? ShotsPerPull { get; init; }

    /// <summary>Share of the dose that is dissolved in the yield, %.</summary>
    public double? ExtractionPercent { get; init; }
}
