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
        var ways = outcome
            .Ways(session)
            .FirstOrDefault(each => each.Sample == request.Sample && each.Scale == request.Scale);
        if (
            ways?.Ways.FirstOrDefault(way => way.Line.Value == request.Line) is not { } chosen
            || outcome.Opened.Samples[ways.Sample] is not { Build: { } id, Size: { } size }
        )
        {
            return null;
        }

        var stored = session.Builds.Find(id)!;
        var scale = outcome.Setup.Scales.Single(each => each.Code == ways.Scale);
        var figures = outcome.Result.Samples[ways.Sample].Scales.Single(each => each.Scale == scale).Figures;
        var simulated = outcome.Simulated > 0 ? " (simulated tasters)" : "";
        var found =
            $"{scale.Name} set after the tasting of {day}{simulated}: {figures.Heavier.Count} of {figures.Tasters} found it {(figures.IsMore ? scale.TooMuch : scale.TooLittle)}.";
        if (session.Builds.Update(id, stored.Version, chosen.Build, now) != SaveOutcome.Saved)
        {
            return null;
        }

        var saved = session.Builds.Find(id)!;
        if (saved.State == BuildState.Draft)
        {
            session.Builds.Move(id, saved.Version, BuildState.Trial, who, found, now);
        }

        return new TastingDecision(
            now,
            who,
            why,
            chosen.Says,
            found,
            id,
            saved.SavedVersion,
            stored.SavedVersion,
            size
        );
    }

    public static string Place(long version) => $"v{version.ToString(CultureInfo.InvariantCulture)}";

    public static string Shortened(string name) => name.Length <= 120 ? name : name[..120];
}
