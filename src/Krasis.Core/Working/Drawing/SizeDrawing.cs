using System.Text.Json.Serialization;

namespace Krasis.Core.Working.Drawing;

/// <summary>A size as it looks; handed over and later it is drawn with each of its moments.</summary>
/// <param name="Boundaries">Where one liquid was poured on another, from the bottom up.</param>
public sealed record SizeDrawing(IReadOnlyList<Boundary> Boundaries)
{
    private readonly Func<CupDrawing>? draw;
    private CupDrawing? poured;

    internal SizeDrawing(IReadOnlyList<Boundary> boundaries, Func<CupDrawing> draw)
        : this(boundaries) => this.draw = draw;

    /// <summary>Where in the cup everything is as it is poured, in layers. It is drawn when it is asked for.</summary>
    [JsonRequired]
    public CupDrawing Poured
    {
        get => poured ??= draw?.Invoke() ?? throw new InvalidOperationException("It was not drawn.");
        init => poured = value;
    }
}
