using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Input;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Making.Complaining;

/// <summary>What may be behind a complaint about one drink on one bar.</summary>
/// <param name="Complaint">The complaint.</param>
/// <param name="Says">The same in words.</param>
/// <param name="Causes">The causes, the likeliest first.</param>
public sealed record Diagnosis(Complaint Complaint, string Says, IReadOnlyList<Cause> Causes)
{
    /// <summary>How many causes are told: more is no answer.</summary>
    public const int Most = 5;

    /// <summary>Looks for the causes.</summary>
    /// <param name="document">The build.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="size">The size that was drunk.</param>
    /// <param name="complaint">What was said of it.</param>
    /// <param name="poured">What the book of pours tells; none where nothing was poured yet.</param>
    /// <param name="today">The day; null when dates are not judged.</param>
    /// <returns>At most <see cref="Most"/> causes by the drink's own numbers; each edit among them can be applied.
    /// Problems as those of the build, and under <c>size</c> where it has no such size.</returns>
    public static Reading<Diagnosis> Of(
        BuildDocument document,
        BarFacts bar,
        CupId size,
        Complaint complaint,
        IReadOnlyList<PourFinding> poured,
        DateOnly? today = null
    )
    {
        var read = BuildReader.Read(document, bar, nameless: true);
        if (!read.IsRead)
        {
            return Reading<Diagnosis>.Failed(read.Problems);
        }

        if (!read.Value.Sizes.Contains(size))
        {
            return Problem.At("size", size.Value, "The build has no such size.", "one of the build's sizes");
        }

        var sheet = TriedSheet.Mix(document, read.Value, bar, today);
        var worked = SizeWork
            .SettleAll(read.Value, bar, read.Value.School.Scaling)
            .Single(each => each.Size.Cup.Id == size);
        var at = new Complained(read.Value, bar, sheet, sheet.Sizes.Single(each => each.Size == size), worked, poured);
        return Reading<Diagnosis>.Of(
            new Diagnosis(
                complaint,
                ComplaintWords.Say(complaint),
                [
                    .. Asked(at, complaint, document)
                        .Where(cause => cause.Weight > 0)
                        .GroupBy(cause => cause.Code)
                        .SelectMany(same => same.OrderByDescending(cause => cause.Weight).Take(2))
                        .OrderByDescending(cause => cause.Weight)
                        .Take(Most)
                        .Select(cause =>
                            cause.Mend is { } mend && !Applies(document, mend, bar) ? cause with { Mend = null } : cause
                        ),
                ]
            )
        );
    }

    // A drink that is not of the kind that is complained of has no other cause.
    private static IEnumerable<Cause> Asked(Complained at, Complaint complaint, BuildDocument document)
    {
        var questions = QuestionCauses.Of(at, complaint).ToList();
        return questions is [{ Code: "not-so-made" }] ? questions : Look(at, complaint, document).Concat(questions);
    }

    private static IEnumerable<Cause> Look(Complained at, Complaint complaint, BuildDocument document) =>
        complaint switch
        {
            Complaint.Sour => ShotCauses.Sour(at),
            Complaint.Bitter => ShotCauses.Bitter(at),
            Complaint.Watery => WaterCauses.Watery(at),
            Complaint.TooSweet => SweetCauses.TooSweet(at, document),
            Complaint.Flat => WaterCauses.Flat(at),
            Complaint.SauceOnTheBottom => LookCauses.Sauce(at),
            Complaint.FoamDripsThrough => FoamCauses.Drips(at),
            Complaint.FoamStandsStiff => FoamCauses.Stiff(at),
            Complaint.LayersRanTogether => LookCauses.Layers(at),
            Complaint.NotCold => HeatCauses.NotCold(at),

            // Who calls an iced drink lukewarm means that it is not cold.
            Complaint.Lukewarm when at.IsCold => HeatCauses.NotCold(at),
            Complaint.Lukewarm => HeatCauses.Lukewarm(at),
            Complaint.RunsOver => FillCauses.RunsOver(at),
            Complaint.WrongColour => LookCauses.Colour(at),
            _ => FillCauses.Different(at),
        };

    // An edit that the bar cannot pour is no advice.
    private static bool Applies(BuildDocument document, Mend mend, BarFacts bar) =>
        BuildReader.Read(BuildEdits.Apply(document, mend, bar), bar, nameless: true).IsRead;
}
