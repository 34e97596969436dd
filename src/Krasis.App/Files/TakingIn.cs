using System.Globalization;
using System.Text.Json;
using Krasis.App.Shared;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Bringing;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Store.Builds;
using Krasis.Store.House;
using Krasis.Store.Values;

namespace Krasis.App.Files;

/// <summary>Takes drinks of another house in: all that were chosen, or none.</summary>
public static class TakingIn
{
    /// <summary>The most drinks that are looked at or taken in at once.</summary>
    public const int MostAtOnce = 200;

    private const string Replace = "replace";

    /// <summary>What each fact that drinks rest on is to be here: as was decided, as was said before, or as is
    /// guessed.</summary>
    public static IReadOnlyList<MatchedFact> Facts(
        Session session,
        Guests guests,
        IReadOnlyList<BuildDocument> builds,
        BarDocument theirs,
        IReadOnlyList<FactChoice> choices
    )
    {
        var remembered = session
            .Taken.Of(guests.House)
            .Select(row => new FactChoice(row.Kind, row.Id, row.Own, row.Comes != 0));
        return Matching.Of(
            builds,
            BarReader.Read(theirs).Value,
            session.Bar.Facts(),
            [.. choices.Where(choice => choice is not null), .. remembered]
        );
    }

    /// <summary>Ids that nothing new may have.</summary>
    public static IReadOnlyList<string> TakenIds(Session session) => [.. session.Bar.Removed().Select(fact => fact.Id)];

    /// <summary>The drink here that a drink of a bundle is, or is called like.</summary>
    public static StoredBuild? OwnOf(BundledBuild guest, IReadOnlyList<StoredBuild> own) =>
        own.FirstOrDefault(build => build.Id == guest.Id)
        ?? own.FirstOrDefault(build =>
            string.Equals(build.Document.Name, guest.Build.Name?.Trim(), StringComparison.OrdinalIgnoreCase)
        );

    /// <summary>What taking drinks in comes to: which of them, by which facts, and as what they come. Nothing is changed
    /// yet.</summary>
    public static Result<TakePlan> Plan(Session session, Guests guests, TakeRequest request)
    {
        var chosen = request
            .Drinks.Where(one => one is not null)
            .DistinctBy(one => one.Id)
            .Select(one => (Guest: guests.Builds.FirstOrDefault(build => build.Id == one.Id), one.As))
            .ToList();
        if (
            chosen.Count is 0 or > MostAtOnce
            || chosen.Exists(one => one.Guest is null || one.As is not ("beside" or Replace))
        )
        {
            return Refusal.Fields([
                new Problem(
                    "drinks",
                    null,
                    "These are no drinks of the file.",
                    $"drinks of the file, up to {MostAtOnce}, each beside or replace"
                ),
            ]);
        }

        var builds = chosen.Select(one => one.Guest!.Build).ToList();
        var theirs = BarSubset.For(builds, guests.Bar);
        var facts = Facts(session, guests, builds, theirs, request.Choices).Select(fact => fact.Choice).ToList();
        var brought = DrinkImporter.Import(builds, theirs, session.Bar.Whole(), facts, TakenIds(session));
        return brought.IsRead
            ? new TakePlan(
                guests.House,
                [
                    .. chosen
                        .Zip(brought.Value.Drinks)
                        .Select(pair => new TakenDrink(pair.First.Guest!, pair.Second.Build, pair.First.As == Replace)),
                ],
                facts,
                brought.Value.Added
            )
            : Refusal.Fields(brought.Problems);
    }

    /// <summary>Takes them in.</summary>
    /// <returns>What was taken in, or why nothing was.</returns>
    public static Result<TakenRow> Take(Session session, TakePlan plan, DateTimeOffset now)
    {
        var adding = new Adding(session, plan.Added, now);
        BarKinds.Each(adding);
        var undo = new Undo { Facts = adding.Facts };
        var own = session.Builds.List();
        var names = new FreeNames(own.Select(build => build.Document.Name ?? ""));
        foreach (var drink in plan.Drinks)
        {
            if (!drink.Replaces || OwnOf(drink.Guest, own) is not { } there)
            {
                var id = Guid.CreateVersion7(now).ToString();
                session.Builds.Add(id, drink.Build with { Name = names.Give(drink.Build.Name) }, now);
                undo.Added.Add(id);
            }
            else if (Replaced(session, there, drink.Build, now))
            {
                undo.Replaced.Add(new UndoOne(there.Id, there.Version, there.Version + 1));
            }
            else
            {
                return Refusal.Conflict(
                    $"Two drinks cannot both replace '{there.Document.Name}'.",
                    "Take one of them in beside it, or leave it out. Nothing was kept."
                );
            }
        }

        if (BarReader.Read(session.Bar.Whole()) is not { IsRead: true })
        {
            return Refusal.Conflict(
                "The file's facts do not fit the bar as you have matched them.",
                "Match them another way. Nothing was saved."
            );
        }

        foreach (var choice in plan.Choices)
        {
            session.Taken.Say(plan.House, new ForeignRow(choice.Kind, choice.Id, choice.Own, choice.Comes ? 1 : 0));
        }

        var drinks = string.Join(", ", plan.Drinks.Select(drink => drink.Guest.Build.Name));
        var along =
            adding.Facts.Count == 0
                ? ""
                : $"; {Count(adding.Facts.Count, "bar setup item")} added with {(plan.Drinks.Count == 1 ? "it" : "them")}";
        return Note(session, $"{Count(plan.Drinks.Count, "drink")}: {drinks}{along}", undo, now);
    }

    // What the house has said of its own drink stays.
    private static bool Replaced(Session session, StoredBuild there, BuildDocument with, DateTimeOffset now) =>
        session.Builds.Update(
            there.Id,
            there.Version,
            with with
            {
                Name = there.Document.Name,
                Prices = there.Document.Prices,
                Season = there.Document.Season,
            },
            now
        ) == SaveOutcome.Saved;

    /// <summary>Takes back what was taken in; what was replaced is as it was before.</summary>
    /// <returns>Why it cannot be, or null.</returns>
    public static Refusal? TakeBack(Session session, Undo undo, DateTimeOffset now)
    {
        foreach (var id in undo.Added)
        {
            if (session.Builds.Find(id) is { } build)
            {
                session.Builds.Delete(id, build.Version, now);
            }
        }

        if (
            undo
                .Replaced.Select(one => (one.After, Build: session.Builds.Find(one.Id)))
                .FirstOrDefault(one => one.Build is { } now && now.Version != one.After)
                .Build is
            { } changed
        )
        {
            return Refusal.Conflict(
                "It cannot be undone any more.",
                $"'{changed.Document.Name}' has been changed since it was replaced. Its history brings back what it was before. Nothing was changed."
            );
        }

        foreach (var one in undo.Replaced)
        {
            if (
                session.Builds.Find(one.Id) is { } build
                && session.Builds.RevisionAt(one.Id, one.Version) is { } before
            )
            {
                session.Builds.Update(one.Id, build.Version, before.Document, now);
            }
        }

        BarKinds.Each(new Removing(session, undo.Facts, now));
        const string Late = "It cannot be undone any more.";
        var bar = BarReader.Read(session.Bar.Whole());
        return !bar.IsRead
                ? Refusal.Conflict(
                    Late,
                    $"The bar now uses something that came with this file: {bar.Problems[0].Message} Nothing was changed."
                )
            : session.Builds.List().FirstOrDefault(build => !BuildReader.Read(build.Document, bar.Value).IsRead)
                is { } needs
                ? Refusal.Conflict(
                    Late,
                    $"'{needs.Document.Name}' now uses something that came with this file. Take it out of that build first. Nothing was changed."
                )
            : null;
    }

    /// <summary>Notes what was taken in.</summary>
    public static TakenRow Note(Session session, string says, Undo undo, DateTimeOffset now)
    {
        var id = Guid.CreateVersion7(now).ToString();
        session.Taken.Add(id, says, JsonSerializer.Serialize(undo, JsonSerializerOptions.Web), now);
        return session.Taken.Find(id)!;
    }

    private static string Count(int number, string what) =>
        string.Create(CultureInfo.InvariantCulture, $"{number} {what}{(number == 1 ? "" : "s")}");

    private sealed class Adding(Session session, BarDocument added, DateTimeOffset now) : IBarKindVisitor
    {
        public List<UndoFact> Facts { get; } = [];

        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class
        {
            if (kind.OnlyId is not null)
            {
                return;
            }

            foreach (var fact in kind.From(added))
            {
                session.Bar.Add(kind, kind.Id(fact)!, fact, now);
                Facts.Add(new UndoFact(kind.Name, kind.Id(fact)!));
            }
        }
    }

    private sealed class Removing(Session session, IReadOnlyList<UndoFact> facts, DateTimeOffset now) : IBarKindVisitor
    {
        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class
        {
            foreach (
                var there in session
                    .Bar.List(kind)
                    .Where(there => facts.Any(fact => fact.Kind == kind.Name && fact.Id == there.Id))
                    .ToList()
            )
            {
                session.Bar.Delete(kind, there.Id, there.Version, now);
            }
        }
    }
}
