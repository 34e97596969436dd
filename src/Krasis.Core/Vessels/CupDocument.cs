namespace Krasis.Core.Vessels;

/// <summary>A cup as it is entered and stored. Nothing in it is trusted before <see cref="CupReader"/> has read it.</summary>
public sealed record CupDocument
{
    /// <summary>The id.</summary>
    public string? Id { get; init; }

    /// <summary>What the bar calls the cup.</summary>
    public string? Name { get; init; }

    /// <summary>Inner diameter at the brim, mm.</summary>
    public double? TopDiameterMm { get; init; }

    /// <summary>Inner diameter at the bottom, mm.</summary>
    public double? BottomDiameterMm { get; init; }

    /// <summary>Inner height, mm.</summary>
    public double? HeightMm { get; init; }

    /// <summary>Mass of the water that fills the cup to the brim, g.</summary>
    public double? WaterGrams { get; init; }

    /// <summary>Temperature of that water, °C.</summary>
    public double? WaterCelsius { get; init; }
}
