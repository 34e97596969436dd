using Krasis.Core.Working.Lines;

namespace Krasis.Core.Working.Mixing;

/// <summary>A size with the amount of every line settled.</summary>
internal sealed class WorkedSize
{
    /// <summary>Puts a settled size together.</summary>
    public WorkedSize(ScaledSize size, IReadOnlyList<WorkedLine> lines)
    {
        Size = size;
        Lines = lines;
        Poured = With(Amounts());
    }

    /// <summary>The size.</summary>
    public ScaledSize Size { get; }

    /// <summary>The lines, in pour order.</summary>
    public IReadOnlyList<WorkedLine> Lines { get; }

    /// <summary>All that is poured.</summary>
    public Tally Poured { get; }

    /// <summary>Whether less or more of a line stays less or more: what is filled to a mark later would take up the
    /// difference.</summary>
    public bool IsFree(WorkedLine line) => !Lines.Skip(line.Index + 1).Any(later => later.Origin == Origin.Marked);

    /// <summary>What the bar pours of every line, to be changed and tried.</summary>
    public double[] Amounts() => [.. Lines.Select(line => line.Amount)];

    /// <summary>The cup with other amounts in it.</summary>
    public Tally With(double[] amounts)
    {
        var tally = new Tally(Size.CupVessel);
        for (var i = 0; i < amounts.Length; i++)
        {
            tally.Add(Lines[i].Facts, Lines[i].Facts.Mass(amounts[i], Lines[i].Stretch));
        }

        return tally;
    }

    /// <summary>The cup as the lead's rules ask for it, before any rounding.</summary>
    public Tally Exactly() => With([.. Lines.Select(line => line.Exact)]);
}
