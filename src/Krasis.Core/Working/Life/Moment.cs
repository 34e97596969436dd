using System.Text.Json.Serialization;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Drawing;

namespace Krasis.Core.Working.Life;

/// <summary>The drink at one moment of its life.</summary>
/// <param name="After">How long after it was handed over.</param>
/// <param name="Melt">Ice turned to water since it was put together.</param>
/// <param name="IceLeft">Ice that is left.</param>
/// <param name="Temperature">How warm the liquid is.</param>
/// <param name="Strength">Coffee solids in the drink, the melted ice with it; null when not known.</param>
/// <param name="Sweetness">Sweetness of the drink, the melted ice with it; null when not known.</param>
public sealed record Moment(
    Minutes After,
    Grams Melt,
    Grams IceLeft,
    Celsius Temperature,
    Percent? Strength,
    GramsPer100Grams? Sweetness
)
{
    private readonly Func<Grams, CupDrawing>? draw;
    private CupDrawing? drawing;

    internal Moment(AgedDrink then, Func<Grams, CupDrawing> draw)
        : this(then.After, then.Melt, then.IceLeft, then.Temperature, then.Strength, then.Sweetness) =>
        this.draw = draw;

    /// <summary>Where in the cup it all is by then. That foam sinks is left out. It is drawn when it is asked for: most
    /// sheets are read for their figures.</summary>
    [JsonRequired]
    public CupDrawing Drawing
    {
        get => drawing ??= draw?.Invoke(Melt) ?? throw new InvalidOperationException("It was not drawn.");
        init => drawing = value;
    }
}
