using Krasis.Core.Working.Lines;

namespace Krasis.Core.Working.Mixing;

/// <summary>A size with the amount of every line settled.</summary>
internal sealed class WorkedSize
{
    /// <summary>Puts a settled size together.</summary>
    public WorkedSize(ScaledSize size, IReadOnlyList<WorkedLine> lines)
    {
        Size = size;
        Lines = SharingPulls(lines);
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
    public Tally Exactly()
    {
        var tally = new Tally(Size.CupVessel);
        foreach (var line in Lines)
        {
            tally.Add(line.Facts, line.Facts.Mass(line.Exact, line.ExactStretch));
        }

        return tally;
    }

    // Two lines of the same espresso share pulls. Only what is left of the last pull is wasted.
    private static IReadOnlyList<WorkedLine> SharingPulls(IReadOnlyList<WorkedLine> lines)
    {
        if (lines.Count(line => line.Facts.Recipe is not null) < 2)
        {
            return lines;
        }

        var shared = lines.ToList();
        foreach (
            var recipe in lines
                .Where(line => line.IsPoured && line.Facts.Recipe is not null)
                .GroupBy(line => (line.Facts.Recipe!.Id, line.Ingredient.Id, line.PullStretch))
                .Where(recipe => recipe.Skip(1).Any())
        )
        {
            var before = 0.0;
            var last = recipe.Last().Index;
            foreach (var line in recipe)
            {
                shared[line.Index] = line with { PulledBefore = before, IsLastOfItsPull = line.Index == last };
                before += line.Mass;
            }
        }

        return shared;
    }
}
