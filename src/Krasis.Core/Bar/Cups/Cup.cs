using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Cups;

/// <summary>A cup: its measured shape, made to agree with its weighed brim capacity.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Shape">Its inside, as measured with a rule.</param>
/// <param name="Brim">Its brim weighing.</param>
public sealed record Cup(CupId Id, string Name, Frustum Shape, BrimWeighing Brim)
{
    /// <summary>What the label says it holds; null when it has none.</summary>
    public Millilitres? Label { get; init; }

    /// <summary>The lines that are printed on it, from the bottom up.</summary>
    public IReadOnlyList<PrintedLine> PrintedLines { get; init; } = [];

    /// <summary>How far the lid's inside stands above the brim; negative for one that reaches in; null without a lid.</summary>
    public Millimetres? LidClearance { get; init; }

    /// <summary>The stations that have it; empty when every station has.</summary>
    public IReadOnlyList<string> Stations { get; init; } = [];

    /// <summary>Whether a station has it.</summary>
    public bool IsAt(string station) => Stations.Count == 0 || Stations.Contains(station);

    /// <summary>Heat that it loses for each kelvin between drink and room, as measured or as its material's; null when neither
    /// is known.</summary>
    public WattsPerKelvin? HeatLoss { get; init; }

    /// <summary>What the cup and its lid cost; null when not known.</summary>
    public Money? Price { get; init; }

    /// <summary>Millilitres that the cup holds when level full, as weighed.</summary>
    public Millilitres BrimCapacity => Brim.Capacity;

    private double Correction => BrimCapacity / Shape.Capacity;

    /// <summary>The volume up to a height: the frustum's, in proportion to the weighed capacity, so that the whole
    /// height holds just <see cref="BrimCapacity"/>.</summary>
    public Millilitres VolumeTo(Millimetres height) => Shape.VolumeTo(height) * Correction;

    /// <summary>The height up to which a volume fills the cup; the brim's height for anything more.</summary>
    public Millimetres HeightFor(Millilitres volume) => Shape.HeightFor(Millilitres.From(volume.Value / Correction));

    /// <summary>The working volume: what lies below a reserve.</summary>
    /// <param name="reserve">Height kept free below the brim, from 0 to less than the cup's height.</param>
    public Millilitres WorkingVolume(Millimetres reserve) => VolumeTo(Shape.Height - reserve);
}
