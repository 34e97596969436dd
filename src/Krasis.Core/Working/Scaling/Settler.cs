using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Scaling;

/// <summary>Settles how much of every line goes into a size: once exactly as the lead's rules ask for, and once as the
/// bar pours it.</summary>
internal sealed class Settler
{
    private readonly IReadOnlyList<LineFacts> lines;
    private readonly WorkedSize reference;

    public Settler(IReadOnlyList<LineFacts> lines, ScaledSize referenceSize)
    {
        this.lines = lines;
        reference = SettleReference(referenceSize);
    }

    /// <summary>The reference size: as it was set, and filled to its marks in pour order.</summary>
    public WorkedSize Reference => reference;

    /// <summary>Settles another size.</summary>
    public WorkedSize Settle(ScaledSize size)
    {
        var exact = new SizeSettling(lines, reference, size, isRounded: false).Run();
        var poured = new SizeSettling(lines, reference, size, isRounded: true).Run();
        return new WorkedSize(
            size,
            [
                .. lines.Select(
                    (facts, i) =>
                        new WorkedLine(
                            i,
                            facts,
                            poured.Amounts[i],
                            exact.Amounts[i],
                            poured.Origins[i],
                            poured.Stretches[i],
                            poured.Marks[i],
                            poured.Troubles[i]
                        )
                        {
                            ExactStretch = exact.Stretches[i],
                        }
                ),
            ]
        );
    }

    private WorkedSize SettleReference(ScaledSize size)
    {
        var tally = new Tally(size.CupVessel);
        var worked = new List<WorkedLine>(lines.Count);
        foreach (var facts in lines)
        {
            var amount = facts.Line.Set.Amount;
            var origin = Origin.Set;
            var trouble = MarkTrouble.None;
            if (facts.Line.To is { } mark)
            {
                if (size.Cup.HeightOf(mark, size.Reserve) is { } height)
                {
                    (amount, trouble) = MarkFill.To(tally, facts, 1, size.Cup.VolumeTo(height).Value);
                    origin = Origin.Marked;
                }
                else
                {
                    trouble = MarkTrouble.Missing;
                }
            }

            tally.Add(facts, facts.Mass(amount, 1));
            worked.Add(new WorkedLine(worked.Count, facts, amount, amount, origin, 1, facts.Line.To, trouble));
        }

        return new WorkedSize(size, worked);
    }
}
