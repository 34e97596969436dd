using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Settings;

/// <summary>All that a check may look at.</summary>
/// <param name="Build">The build.</param>
/// <param name="Bar">The bar's facts that it was worked out with.</param>
/// <param name="Sheet">The build, worked out.</param>
/// <param name="Worked">The same size by size, before it was made into a sheet.</param>
/// <param name="Scaling">What the lines follow that have no rule of their own.</param>
/// <param name="Today">The day on which it is judged; null when dates are not.</param>
internal sealed record Setting(
    Build Build,
    BarFacts Bar,
    BuildSheet Sheet,
    IReadOnlyList<WorkedSize> Worked,
    IScaling Scaling,
    DateOnly? Today
)
{
    private readonly Dictionary<WorkedSize, LineSetting[]> poured = new(ReferenceEqualityComparer.Instance);

    /// <summary>The poured lines of a size, as checks of lines look at them: made once for all checks.</summary>
    public LineSetting[] PouredOf(SizeSheet size, WorkedSize worked)
    {
        if (!poured.TryGetValue(worked, out var lines))
        {
            poured[worked] = lines = [
                .. worked.Lines.Where(line => line.IsPoured).Select(line => new LineSetting(this, size, worked, line)),
            ];
        }

        return lines;
    }

    /// <summary>What a poured line of a size goes into.</summary>
    public Vessel VesselOf(WorkedSize worked, WorkedLine line)
    {
        var lines = worked.Lines.Where(each => each.IsPoured).ToList();
        return Vessels.Of(Build.Serve, [.. lines.Select(each => (each.Line.Technique, each.Ingredient))])[
            lines.IndexOf(line)
        ];
    }

    /// <summary>The reference size.</summary>
    public WorkedSize Reference => Worked.First(size => size.Size.Cup.Id == Build.ReferenceSize);
}
