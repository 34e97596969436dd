using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Life;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Making.Complaining;

/// <summary>A drink that somebody has complained of, and all that is known of it.</summary>
/// <param name="Build">The build.</param>
/// <param name="Bar">The bar.</param>
/// <param name="Sheet">The build worked out, every mend tried.</param>
/// <param name="Size">The size that was drunk.</param>
/// <param name="Worked">The same, before it was made into a sheet.</param>
/// <param name="Poured">What the book of pours tells.</param>
internal sealed record Complained(
    Build Build,
    BarFacts Bar,
    BuildSheet Sheet,
    SizeSheet Size,
    WorkedSize Worked,
    IReadOnlyList<PourFinding> Poured
)
{
    /// <summary>The lines that are poured.</summary>
    public IEnumerable<WorkedLine> Lines => Worked.Lines.Where(line => line.IsPoured);

    /// <summary>Whether it is served cold.</summary>
    public bool IsCold => Build.Serve != Serve.Hot;

    /// <summary>The drink at hand-over.</summary>
    public Moment HandedOver => Size.Life.Moments[0];

    /// <summary>A mass as a share of the drink, %.</summary>
    public double Percent(double grams) => grams / Size.Fill.TotalMass.Value * 100;

    /// <summary>What the checks say of this size, or of the reference size where they say it once for all.</summary>
    public IEnumerable<Finding> Found(string check) =>
        Sheet.Findings.Where(finding =>
            finding.Check == check
            && (finding.Size == Size.Size || finding.Line is not null && finding.Size == Build.ReferenceSize)
        );

    /// <summary>A cause that a check has found.</summary>
    public IEnumerable<Cause> By(string check, double weight, string otherwise) =>
        Found(check)
            .Take(1)
            .Select(finding => new Cause(
                check,
                weight,
                finding.Message,
                finding.Mend?.Label ?? finding.Otherwise ?? otherwise
            )
            {
                Mend = finding.Mend,
            });

    /// <summary>What the book tells of the pulls that go into it.</summary>
    public IEnumerable<(EspressoPull Pull, PourFinding Finding)> Pulls() =>
        from pull in Recipes()
        from finding in Poured
        where finding.Of == SeriesOf.Pull && finding.Id == pull.Recipe.Name
        select (pull, finding);

    /// <summary>The recipes that its espresso is pulled by.</summary>
    public IEnumerable<EspressoPull> Recipes() =>
        Lines
            .Where(line => line.Facts.Recipe is not null)
            .Select(line => new EspressoPull(line, line.Facts.Recipe!))
            .DistinctBy(pull => pull.Recipe.Id);

    /// <summary>What the book tells of the pumps and hands that a line is poured with, people with them.</summary>
    public IEnumerable<PourFinding> Of(WorkedLine line)
    {
        var pump = line.Line.Set.Measure.Kind == MeasureKind.Stroke ? Bar.DispenserOf(line.Ingredient.Id) : null;
        return Poured.Where(finding =>
            pump is null
                ? finding.Of is SeriesOf.Hand or SeriesOf.Person && finding.Id == line.Ingredient.Name
                : finding.Of == SeriesOf.Dispenser && finding.Id == pump.Id
        );
    }

    /// <summary>A cause that the book tells of, with the way to the bench.</summary>
    public static Cause Booked(string code, double weight, PourFinding finding) =>
        new(
            code,
            weight,
            finding.Says,
            finding.Of switch
            {
                SeriesOf.Dispenser => "Weigh its strokes again.",
                SeriesOf.Pull => "Set the grind, and pull until two run alike.",
                SeriesOf.Drink => "Make one with the scale and see which step is off.",
                _ => "Show the mark on the cup, and watch the next ones.",
            }
        )
        {
            Bench = finding.Of == SeriesOf.Dispenser ? "dispensers" : null,
            BenchId = finding.Of == SeriesOf.Dispenser ? finding.Id : null,
        };
}

/// <summary>Espresso in a drink, and how it is pulled.</summary>
/// <param name="Line">The line.</param>
/// <param name="Recipe">The recipe.</param>
internal sealed record EspressoPull(WorkedLine Line, Bar.Coffee.EspressoRecipe Recipe);
