namespace Krasis.Core.Bar.Coffee;

/// <summary>How a brewed coffee is made, as it is entered and stored.</summary>
public sealed record CoffeeBaseDocument
{
    /// <summary>The id.</summary>
    public string? Id { get; init; }

    /// <summary>What the bar calls the recipe.</summary>
    public string? Name { get; init; }

    /// <summary>The id of the coffee that comes out.</summary>
    public string? Ingredient { get; init; }

    /// <summary>One of batch, coldBrew, strong, stoveTop, instant, whipped.</summary>
    public string? Method { get; init; }

    /// <summary>Ground or instant coffee in, g.</summary>
    public double? CoffeeGrams { get; init; }

    /// <summary>Water in, g.</summary>
    public double? WaterGrams { get; init; }

    /// <summary>What else goes in and dissolves, sugar above all, g.</summary>
    public double? OtherGrams { get; init; }

    /// <summary>Water that the grounds keep, g to a gram of them.</summary>
    public double? RetainedGramsPerGram { get; init; }

    /// <summary>The share of the coffee that dissolves, %.</summary>
    public double? ExtractionPercent { get; init; }

    /// <summary>How warm it is when it goes into a hot drink, °C; 80 when it is missing. Cold brew has none.</summary>
    public double? HotCelsius { get; init; }

    /// <summary>How long it holds once it is brewed, hours; as its kind usually does when it is missing: a batch
    /// for ice 24, cold brew ready to drink 120, as a concentrate 168, a strong brew 1. What is dissolved from powder is
    /// made for each drink and has none.</summary>
    public double? HoldsHours { get; init; }

    /// <summary>How long it is held hot in the brewer or the pot, hours; 1 when it is missing. For a batch only.</summary>
    public double? HoldsHotHours { get; init; }

    /// <summary>Parts of water that one part of it is diluted with before it is served; 0 when it is ready.</summary>
    public double? DilutionParts { get; init; }
}
