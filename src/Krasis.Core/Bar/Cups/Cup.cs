using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Cups;

/// <summary>A cup: its measured shape, made to agree with its weighed brim capacity.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Shape">Its inside, as measured with a rule.</param>
/// <param name="Brim">Its brim weighing.</param>
public sealed record Cup(CupId Id, string Name, Frustum Shape, BrimWeighing Brim)
{
    /// <summary>Whether it has been weighed; otherwise it holds what its label says, or its lengths.</summary>
    public bool IsWeighed { get; init; } = true;

    /// <summary>Whether its lengths have been measured; otherwise it is taken to be shaped as many cups are, and
    /// heights in it are a guess.</summary>
    public bool IsShapeKnown { get; init; } = true;

    /// <summary>What the label says it holds; null when it has none.</summary>
    public Millilitres? Label { get; init; }

    /// <summary>The lines that are printed on it, from the bottom up.</summary>
    public IReadOnlyList<PrintedLine> PrintedLines { get; init; } = [];

    /// <summary>How far the lid's inside stands above the brim; negative for one that reaches in; null without a
    /// lid.</summary>
    public Millimetres? LidClearance { get; init; }

    /// <summary>The stations that have it; empty when every station has.</summary>
    public IReadOnlyList<string> Stations { get; init; } = [];

    /// <summary>Whether a station has it.</summary>
    public bool IsAt(string station) => Stations.Count == 0 || Stations.Contains(station);

    /// <summary>What it is made of; null when not said.</summary>
    public CupMaterial? Material { get; init; }

    /// <summary>Whether the drink's level can be seen, through the wall or by printed lines.</summary>
    public bool ShowsItsInside =>
        Material is null or CupMaterial.Plastic or CupMaterial.Glass || PrintedLines.Count > 0;

    /// <summary>Heat that it loses for each kelvin between drink and room, each value as measured or as worked out from
    /// its lengths and its material; null when neither is known.</summary>
    public HeatLoss? HeatLoss { get; init; }

    /// <summary>Heat that warms the empty cup by a kelvin, as far as it comes to the drink's temperature, J/K; null
    /// when not known.</summary>
    public double? HeatCapacity { get; init; }

    /// <summary>How warm the empty cup is; null when it is as warm as the room.</summary>
    public Celsius? WarmedTo { get; init; }

    /// <summary>What the cup and its lid cost; null when not known.</summary>
    public Money? Price { get; init; }

    /// <summary>Millilitres that the cup holds when level full, as weighed.</summary>
    public Millilitres BrimCapacity => Brim.Capacity;

    /// <summary>How high a mark stands in the cup; null where the cup lacks it or is not so high.</summary>
    /// <param name="mark">The mark.</param>
    /// <param name="reserve">The build's reserve, for its top.</param>
    public Millimetres? HeightOf(Mark mark, Millimetres reserve) =>
        mark switch
        {
            Mark.Height height => height.Value <= Shape.Height ? height.Value : null,
            Mark.Volume volume => volume.Value.Value <= BrimCapacity.Value + 1e-9 ? HeightFor(volume.Value) : null,
            Mark.Share share => HeightFor(BrimCapacity * share.Value),
            Mark.Line { Number: { } number } => PrintedLines.ElementAtOrDefault(number - 1)?.Height,
            Mark.Line line => PrintedLines
                .FirstOrDefault(printed => string.Equals(printed.Label, line.Label, StringComparison.OrdinalIgnoreCase))
                ?.Height,
            Mark.Top => Shape.Height - reserve,
            _ => Shape.Height,
        };

    /// <summary>Why the cup has no such mark, and what would be one, in words.</summary>
    public (string Why, string Accepted) Lacks(Mark mark) =>
        mark switch
        {
            Mark.Line => (
                $"{Name} has no such printed line.",
                PrintedLines.Count == 0
                    ? "a height, such as 'to 62 mm': it has no printed lines"
                    : string.Join(", ", PrintedLines.Select((line, i) => $"line {i + 1} ({line.Label})"))
            ),
            Mark.Volume => ($"{Name} holds only {BrimCapacity.Value:0} ml.", $"at most {BrimCapacity.Value:0} ml"),
            _ => ($"{Name} is only {Shape.Height.Value:0.#} mm high.", $"at most {Shape.Height.Value:0.#} mm"),
        };

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
