namespace Krasis.Core.Bar.Cups;

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

    /// <summary>What the label says it holds, ml.</summary>
    public double? LabelMl { get; init; }

    /// <summary>The lines that are printed on it.</summary>
    public IReadOnlyList<PrintedLineDocument> PrintedLines { get; init; } = [];

    /// <summary>How far the lid's inside stands above the brim, mm; negative for one that reaches into the cup. Null
    /// where the cup goes out without a lid.</summary>
    public double? LidClearanceMm { get; init; }

    /// <summary>The ids of the stations that have it; empty when every station has.</summary>
    public IReadOnlyList<string> Stations { get; init; } = [];

    /// <summary>One of paper, doublePaper, plastic, glass, ceramic, steel; gives the heat loss where that is not measured.</summary>
    public string? Material { get; init; }

    /// <summary>Heat that it loses for each kelvin between drink and room, W/K.</summary>
    public double? HeatLossWattsPerKelvin { get; init; }

    /// <summary>What the cup costs, in the house's currency.</summary>
    public double? Price { get; init; }

    /// <summary>What its lid costs, in the house's currency.</summary>
    public double? LidPrice { get; init; }
}
