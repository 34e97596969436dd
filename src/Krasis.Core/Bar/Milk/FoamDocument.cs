namespace Krasis.Core.Bar.Milk;

/// <summary>A foam level as it is entered and stored: the house's own name on a way of foaming.</summary>
public sealed record FoamDocument
{
    /// <summary>The id.</summary>
    public string? Id { get; init; }

    /// <summary>What the house calls it.</summary>
    public string? Name { get; init; }

    /// <summary>By how much the volume grows, %; of the milk and the steam in it.</summary>
    public double? OverrunPercent { get; init; }

    /// <summary>What 100 ml of cold whole milk became, ml, as read off a jug; gives the growth where that is not
    /// said.</summary>
    public double? GrownMl { get; init; }

    /// <summary>What it is foamed with: wand, mixer, whisk, jar; a wand where it is warmed and a mixer where not when
    /// it is missing.</summary>
    public string? Tool { get; init; }

    /// <summary>The fattest that it manages, g of fat in 100 g; as that tool usually does when it is missing.</summary>
    public double? MostFatPer100g { get; init; }

    /// <summary>Which third of foam it is to be: 1 the least, 3 the most.</summary>
    public double? Thirds { get; init; }

    /// <summary>Whether it is foamed cold, without steam.</summary>
    public bool? Cold { get; init; }

    /// <summary>How warm the milk is before, °C.</summary>
    public double? FromCelsius { get; init; }

    /// <summary>How warm it is after, °C; the same as before when foamed cold.</summary>
    public double? ToCelsius { get; init; }

    /// <summary>How warm the milk is after for a guest who wants it extra hot, °C; 68 when it is missing.</summary>
    public double? ExtraHotCelsius { get; init; }

    /// <summary>How warm the milk is after for a child, °C; 48 when it is missing.</summary>
    public double? KidsCelsius { get; init; }

    /// <summary>How hot the steam is where it leaves the wand, °C.</summary>
    public double? SteamCelsius { get; init; }
}
