namespace Krasis.Core.Bar.Cups;

/// <summary>A cup as it is entered and stored. Nothing in it is trusted before <see cref="CupReader"/> has read
/// it.</summary>
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

    /// <summary>One of paper, doublePaper, plastic, glass, ceramic, steel; gives what the cup loses and
    /// weighs where that is not measured.</summary>
    public string? Material { get; init; }

    /// <summary>Heat that it loses for each kelvin between drink and room, W/K, where only one value was measured: it
    /// stands for each of the three below that is missing.</summary>
    public double? HeatLossWattsPerKelvin { get; init; }

    /// <summary>The same with a hot drink without a lid, W/K.</summary>
    public double? HotOpenWattsPerKelvin { get; init; }

    /// <summary>The same with a hot drink under a lid, W/K; at most as much as without.</summary>
    public double? HotLiddedWattsPerKelvin { get; init; }

    /// <summary>What a cold drink in it takes from the room, W/K.</summary>
    public double? ColdWattsPerKelvin { get; init; }

    /// <summary>What the empty cup weighs, g.</summary>
    public double? EmptyGrams { get; init; }

    /// <summary>To what it is warmed before a hot drink goes in, °C; as the room when it is missing.</summary>
    public double? WarmedCelsius { get; init; }

    /// <summary>What the cup costs, in the house's currency.</summary>
    public double? Price { get; init; }

    /// <summary>Whether its lengths and weighing were made up to begin with; cleared as soon as one of them is
    /// another.</summary>
    public bool? Invented { get; init; }

    /// <summary>What its lid costs, in the house's currency.</summary>
    public double? LidPrice { get; init; }
}
