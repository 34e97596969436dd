using System.Text.Json;
using Krasis.App.Bar;
using Krasis.App.Prep;
using Krasis.App.Shared;
using Krasis.App.Tastings;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Planning.Preparing;
using Krasis.Store;
using Krasis.Tasting.Documents;

namespace Krasis.App.Files;

/// <summary>Reads all of a house as this program reads it at work, before it takes another's place.</summary>
public static class HouseCheck
{
    /// <summary>The first thing in it that cannot be read, in words; null where all can.</summary>
    /// <param name="session">Where the house is.</param>
    /// <param name="clock">Tells the day on which it is planned.</param>
    public static string? Fault(Session session, TimeProvider clock)
    {
        if (Contents.Of(session).Faults is [var fault, ..])
        {
            return fault;
        }

        var bar = BarReader.Read(session.Bar.Whole());
        if (!bar.IsRead)
        {
            return $"the bar cannot be read: {bar.Problems[0].Message}";
        }

        try
        {
            _ = BarView.Of(session, clock.Today());
            return Builds(session, bar.Value) ?? Tastings(session) ?? Prep(session, clock);
        }
        catch (Exception e)
            when (e
                    is JsonException
                        or FormatException
                        or ArgumentException
                        or InvalidOperationException
                        or InvalidCastException
                        or OverflowException
                        or NullReferenceException
                        or KeyNotFoundException
            )
        {
            // What the readers take for granted of what they wrote themselves does not hold of what another hand has
            // written.
            return $"something cannot be read: {(e is NullReferenceException ? "what it speaks of is not there" : e.Message)}";
        }
    }

    private static string? Builds(Session session, BarFacts bar)
    {
        foreach (var build in session.Builds.List())
        {
            if (BuildReader.Read(build.Document, bar) is { IsRead: false } unread)
            {
                return $"'{build.Document.Name}' cannot be read: {unread.Problems[0].Message}";
            }

            foreach (var standard in session.Standards.List(build.Id))
            {
                if (
                    BarReader.Read(standard.Bar) is not { IsRead: true } then
                    || !BuildReader.Read(standard.Document, then.Value).IsRead
                )
                {
                    return $"standard {standard.Number} of '{build.Document.Name}' cannot be read";
                }

                if (standard.Frozen is not { Sheet.Sizes.Count: > 0, Plans: not null })
                {
                    return $"the recorded sheet of standard {standard.Number} of '{build.Document.Name}' cannot be read";
                }
            }

            _ = session.Builds.StateChanges(build.Id).Count;
        }

        return null;
    }

    private static string? Tastings(Session session)
    {
        foreach (var stored in session.Tastings.List())
        {
            var tasted = Tasted.Of(stored);
            if (stored.State != "draft" && (tasted.Setup is null || tasted.Opened is null))
            {
                return $"the tasting '{tasted.Document.Name}' cannot be read";
            }

            foreach (var answer in session.Tastings.Tasters(stored.Id).Select(taster => taster.Answer).OfType<string>())
            {
                _ = Tasted.Read<AnswerDocument>(answer).Chosen;
            }
        }

        foreach (var note in session.Tastings.Notes(null))
        {
            _ = Tasted.Read<KeptNote>(note.Document).Name.Length;
        }

        return null;
    }

    private static string? Prep(Session session, TimeProvider clock)
    {
        if (
            session.Prep.Find() is { } kept
            && PrepReader.Read(Tasted.Read<PrepDocument>(kept.Document)) is { IsRead: false } unread
        )
        {
            return $"how the house prepares cannot be read: {unread.Problems[0].Message}";
        }

        _ = PlanViews.View(session, new StandardNeeds(), clock);
        return null;
    }
}
