using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Coffee;

/// <summary>How the bar makes a brewed coffee.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Makes">The ingredient that comes out.</param>
/// <param name="Method">How it is made.</param>
/// <param name="Coffee">Coffee in.</param>
/// <param name="Water">Water in.</param>
/// <param name="Other">What else dissolves in it.</param>
/// <param name="Retained">Water kept by a gram of the grounds, g.</param>
/// <param name="Extraction">The share of the coffee that dissolves; null when not known.</param>
/// <param name="DilutionParts">Parts of water to one part of it, before it is served.</param>
public sealed record CoffeeBase(
    string Id,
    string Name,
    IngredientId Makes,
    BrewMethod Method,
    Grams Coffee,
    Grams Water,
    Grams Other,
    double Retained,
    Percent? Extraction,
    double DilutionParts
)
{
    /// <summary>How warm it is when it goes into a hot drink; null for what is steeped cold.</summary>
    public Celsius? HotAt { get; init; }

    /// <summary>How long it holds once it is brewed, hours; null for what is made for each drink.</summary>
    public double? HoldsHours { get; init; }

    /// <summary>How long it is held hot in the brewer or the pot, hours; null where it is not brewed to be.</summary>
    public double? HoldsHotHours { get; init; }

    /// <summary>So many hours as one says them: hours below two days, days from there on.</summary>
    public static string Duration(double hours) =>
        hours < 48 ? $"{Say.Fine(hours)} {(hours == 1 ? "hour" : "hours")}" : $"{Say.Fine(hours / 24)} days";

    /// <summary>Whether it is thinned before it is drunk.</summary>
    public bool IsConcentrate => DilutionParts > 0;

    /// <summary>What comes out: the water less what the grounds keep, and, where all of the coffee dissolves, the
    /// coffee; then diluted.</summary>
    public Grams Yield
    {
        get
        {
            var dissolved = Method is BrewMethod.Instant or BrewMethod.Whipped ? Coffee : default;
            return (Water - (Coffee * Retained) + dissolved + Other) * (1 + DilutionParts);
        }
    }

    /// <summary>The share of what has dissolved that stays in the wet grounds. What is steeped is as strong in the
    /// grounds as in the jug, so it is their share of the water; what runs through the grounds washes them out.</summary>
    internal double KeptShare => Method == BrewMethod.ColdBrew ? Coffee.Value * Retained / Water.Value : 0;

    /// <summary>Coffee solids in what is served: coffee × extraction ÷ yield; null when the extraction is not
    /// known.</summary>
    public Percent? Strength => Extraction is { } share ? Percent.From(Coffee / Yield * share.Value) : null;
}
