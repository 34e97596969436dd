using System.Globalization;
using Krasis.Core.Builds;
using Krasis.Store;
using Krasis.Store.Values;

namespace Krasis.App.Tastings;

/// <summary>What decisions share.</summary>
public static class Deciding
{
    // The change as it is proposed now, kept as the build's next version; a draft goes on trial with it.
    public static TastingDecision? Change(
        Session session,
        Outcome outcome,
        DecideRequest request,
        string who,
        string why,
        DateTimeOffset now,
        string day
    )
    {
        if (Chosen(session, outcome, request, day) is not var (sample, build, says, found))
        {
            return null;
        }

        var (id, size) = (outcome.Opened.Samples[sample].Build!, outcome.Opened.Samples[sample].Size);
        var stored = session.Builds.Find(id)!;
        if (session.Builds.Update(id, stored.Version, build, now) != SaveOutcome.Saved)
        {
            return null;
        }

        var saved = session.Builds.Find(id)!;
        if (saved.State == BuildState.Draft)
        {
            session.Builds.Move(id, saved.Version, BuildState.Trial, who, found, now);
        }

        return new TastingDecision(now, who, why, says, found, id, saved.SavedVersion, stored.SavedVersion, size);
    }

    // The build with what was chosen, as it is proposed now; null where it is not proposed any more.
    private static (int Sample, BuildDocument Build, string Says, string Found)? Chosen(
        Session session,
        Outcome outcome,
        DecideRequest request,
        string day
    )
    {
        var simulated = outcome.Simulated > 0 ? " (simulated tasters)" : "";
        if (request.Take)
        {
            return
                Favourite.Of(session, outcome.Opened, outcome.Result) is { Trouble: null } favourite
                && favourite.Sample == request.Sample
                && outcome.Opened.Samples[favourite.Sample] is { Build: { } tasted } sample
                ? (
                    favourite.Sample,
                    Favourite.WithRecipeOf(session.Builds.Find(tasted)!.Document, sample),
                    $"Back to {sample.Name}.",
                    $"Changed after the tasting of {day}{simulated}: {favourite.Says}"
                )
                : null;
        }

        var ways = outcome
            .Ways(session)
            .FirstOrDefault(each => each.Sample == request.Sample && each.Scale == request.Scale);
        if (
            ways?.Ways.FirstOrDefault(way => way.Line.Value == request.Line) is not { } chosen
            || outcome.Opened.Samples[ways.Sample] is not { Build: not null, Size: not null }
        )
        {
            return null;
        }

        var scale = outcome.Setup.Scales.Single(each => each.Code == ways.Scale);
        var figures = outcome.Result.Samples[ways.Sample].Scales.Single(each => each.Scale == scale).Figures;
        return (
            ways.Sample,
            chosen.Build,
            chosen.Says,
            $"{scale.Name} set after the tasting of {day}{simulated}: {figures.Heavier.Count} of {figures.Tasters} found it {(figures.IsMore ? scale.TooMuch : scale.TooLittle)}."
        );
    }

    public static string Place(long version) => $"v{version.ToString(CultureInfo.InvariantCulture)}";

    public static string Shortened(string name) => name.Length <= 120 ? name : name[..120];
}
