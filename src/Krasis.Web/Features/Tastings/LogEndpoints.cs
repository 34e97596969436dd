using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Store;
using Krasis.Store.Tastings;
using Krasis.Tasting.Documents;
using Krasis.Tasting.Learning;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Tastings;

/// <summary>The logbook: all tastings and notes, and what the house may learn of them.</summary>
public static class LogEndpoints
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/api/tastings", List)
            .WithTags("Tasting")
            .WithSummary("All tastings and notes that have every word, or are of a build, the last first.");
        routes
            .MapPut("/api/notes/{id}", Keep)
            .WithTags("Tasting")
            .WithSummary("Keep a taster's note under an id of the page's own: sent twice it is kept once.")
            .Fails(400, 404, 409, 413, 422);
        routes
            .MapGet("/api/tastings/learned", Learned)
            .WithTags("Tasting")
            .WithSummary(
                "What finished triangles and duo-trios say of how far a drink may drift before guests can tell."
            );
    }

    private static Ok<IReadOnlyList<LogEntry>> List(
        KrasisFile file,
        TimeProvider clock,
        string? text = null,
        string? build = null
    ) =>
        file.Read(session =>
        {
            var answered = session.Tastings.Answered();
            var names = session
                .Builds.Heads()
                .ToDictionary(head => head.Id, head => session.Builds.Find(head.Id)!.Document.Name ?? "");
            var tastings = (build is null ? session.Tastings.List() : session.Tastings.Of(build)).Select(stored =>
                Entry(Tasted.Of(stored), answered, names)
            );
            var notes = session.Tastings.Notes(build).Select(note => Entry(note, names));
            var words = (text ?? "").Split(' ', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
            return TypedResults.Ok<IReadOnlyList<LogEntry>>([
                .. tastings
                    .Concat(notes)
                    .Where(entry => words.All(word => entry.Sought.Contains(word, StringComparison.OrdinalIgnoreCase)))
                    .OrderByDescending(entry => entry.Entry.At)
                    .Select(entry => entry.Entry),
            ]);
        });

    private static (LogEntry Entry, string Sought) Entry(
        Tasted tasted,
        IReadOnlyDictionary<string, (long Answered, long Simulated)> answered,
        Dictionary<string, string> names
    )
    {
        var (stored, document) = (tasted.Stored, tasted.Document);
        var (count, simulated) = answered.GetValueOrDefault(stored.Id);
        var question = TastingQuestion.All.FirstOrDefault(each => each.Code == document.Question)?.Name ?? "";
        var of = tasted.Opened is { } opened
            ? [.. opened.Samples.Select(sample => sample.Name)]
            : document
                .Samples.Select(sample =>
                    sample.Build is { } id ? names.GetValueOrDefault(id, "a build that is gone") : sample.Words ?? ""
                )
                .ToList();
        var day = document.Conditions;
        var entry = new LogEntry(
            "tasting",
            stored.Id,
            TastingStore.Read(stored.OpenedAt ?? stored.CreatedAt),
            document.Name is { Length: > 0 } name ? name : question,
            stored.State,
            question,
            of,
            (int)count,
            (int)simulated,
            tasted.Decision?.Found,
            tasted.Decision?.Build,
            null,
            null,
            null,
            null,
            null,
            null
        );
        return (
            entry,
            string.Join(
                ' ',
                [
                    entry.Title,
                    question,
                    .. of,
                    entry.Decided ?? "",
                    tasted.Decision?.Why ?? "",
                    day.Coffee ?? "",
                    day.RoastedOn ?? "",
                    day.Grinder ?? "",
                    day.Water ?? "",
                    day.Room ?? "",
                    day.Poured ?? "",
                ]
            )
        );
    }

    private static (LogEntry Entry, string Sought) Entry(StoredNote stored, Dictionary<string, string> names)
    {
        var note = Tasted.Read<KeptNote>(stored.Document);
        var entry = new LogEntry(
            "note",
            stored.Id,
            TastingStore.Read(stored.NotedAt),
            note.Name,
            "",
            "Just me, at the counter",
            [names.GetValueOrDefault(stored.Build, note.Name)],
            0,
            0,
            null,
            null,
            stored.Build,
            stored.Version,
            note.SizeName,
            (int?)stored.Liking,
            note.Words,
            stored.Who
        );
        return (entry, $"{note.Name} {note.SizeName} {note.Words} {stored.Who} note");
    }

    private static Results<Ok<LogEntry>, ProblemResult> Keep(
        string id,
        NoteRequest request,
        KrasisFile file,
        TimeProvider clock
    )
    {
        var fields = new FieldReader();
        if (GivenId.Refusal("id", id, "No page calls a note so.") is { } refusal)
        {
            fields.Take([refusal]);
        }

        var liking = request.Liking is { } points
            ? fields.Whole("liking", points, 1, Answer.MostLiking, "")
            : default(int?);
        var who = fields.Note("who", request.Who, 80);
        var words = request.Words?.Trim() is { Length: > 0 } said ? said : null;
        if (words?.Length > Answer.LongestComment)
        {
            fields.Report(
                "words",
                null,
                $"The note has {words.Length} characters.",
                $"{Answer.LongestComment} at the most"
            );
        }

        if (words is null && liking is null)
        {
            fields.Report("words", null, "Nothing is noted yet.", "a few words, or how much you like it");
        }

        if (fields.Problems.Count > 0)
        {
            return ProblemResult.Fields(fields.Problems);
        }

        return file.Write<Results<Ok<LogEntry>, ProblemResult>>(session =>
        {
            if (session.Builds.Find(request.Build ?? "") is not { } build)
            {
                return ProblemResult.Missing("build");
            }

            var size = session.Bar.Facts().Find(new CupId(request.Size ?? ""));
            if (size is null || !build.Document.Sizes.Contains(size.Id.Value))
            {
                return ProblemResult.Fields([
                    Problem.At("size", request.Size, "The build is not sold in that cup.", "one of the build's sizes"),
                ]);
            }

            var sheet = BuildReader.Read(build.Document, session.Bar.Facts()) is { IsRead: true } read
                ? Mixer.Mix(read.Value, session.Bar.Facts()).Sizes.Single(each => each.Size == size.Id)
                : null;
            var kept = new KeptNote(
                build.Document.Name ?? "",
                size.Name,
                words,
                sheet?.Taste.Poured.Strength?.Value,
                sheet?.Taste.Poured.Sweetness?.Value
            );
            var names = new Dictionary<string, string> { [build.Id] = kept.Name };
            if (session.Tastings.Note(id) is { } before)
            {
                return before.Words == words && before.Liking == liking && before.Build == build.Id
                    ? TypedResults.Ok(Entry(before, names).Entry)
                    : ProblemResult.Conflict(
                        "This note has been kept already, otherwise.",
                        "What is there stays as it is."
                    );
            }

            session.Tastings.Add(
                new StoredNote(
                    id,
                    build.Id,
                    build.SavedVersion,
                    size.Id.Value,
                    TastingStore.Written(clock.GetUtcNow()),
                    who,
                    liking,
                    words,
                    Tasted.Write(kept)
                )
            );
            return TypedResults.Ok(Entry(session.Tastings.Note(id)!, names).Entry);
        });
    }

    private static Ok<IReadOnlyList<LearnedDrift>> Learned(KrasisFile file) =>
        file.Read(session =>
        {
            var house = session.Bar.Facts().House;
            var told = session
                .Tastings.List()
                .Where(stored => stored.State == "closed")
                .Select(stored => Outcome.Of(session, Tasted.Of(stored)))
                .OfType<Outcome>()
                .Where(outcome =>
                    outcome is { Simulated: 0, Result.Choice: { Method.IsTwoSided: false, Tasters: > 0 } }
                    && outcome.Opened.Samples.Count == 2
                )
                .ToList();
            IReadOnlyList<LearnedDrift> learned =
            [
                .. Of("strength", house.AllowedStrengthDrift.Value, sample => sample.Strength),
                .. Of("sweetness", house.AllowedSweetnessDrift.Value, sample => sample.Sweetness),
            ];
            return TypedResults.Ok(learned);

            IEnumerable<LearnedDrift> Of(string taste, double allowed, Func<OpenedSample, double?> of)
            {
                var tests = told.Select(outcome =>
                        (outcome, one: of(outcome.Opened.Samples[0]), other: of(outcome.Opened.Samples[1]))
                    )
                    .Where(each => each is { one: > 0, other: > 0 })
                    .Select(each => new ToldApart(
                        each.outcome.Result.Choice!.Method,
                        Math.Abs((each.other!.Value / each.one!.Value) - 1) * 100,
                        each.outcome.Result.Choice.Tasters,
                        each.outcome.Result.Choice.Right
                    ))
                    .ToList();
                return DriftLearner.Of(taste, allowed, tests) is { } found ? [found] : [];
            }
        });
}

/// <summary>A tasting or a note, as the logbook shows it.</summary>
/// <param name="Kind">tasting or note.</param>
/// <param name="Id">Its id.</param>
/// <param name="At">When it was opened, set up or noted.</param>
/// <param name="Title">What it is called.</param>
/// <param name="State">draft, open or closed; empty of a note.</param>
/// <param name="Question">What was asked.</param>
/// <param name="Of">What was tasted.</param>
/// <param name="Answered">How many have answered.</param>
/// <param name="Simulated">How many of them are simulated.</param>
/// <param name="Decided">What was decided; null before.</param>
/// <param name="Changed">The build that was changed by that; null where none was.</param>
/// <param name="Build">The build that was noted; null of a tasting.</param>
/// <param name="Version">Which version it was.</param>
/// <param name="SizeName">In which cup.</param>
/// <param name="Liking">How much it was liked, 1 to 9.</param>
/// <param name="Words">What was noted.</param>
/// <param name="Who">Who noted it.</param>
public sealed record LogEntry(
    string Kind,
    string Id,
    DateTimeOffset At,
    string Title,
    string State,
    string Question,
    IReadOnlyList<string> Of,
    int Answered,
    int Simulated,
    string? Decided,
    string? Changed,
    string? Build,
    long? Version,
    string? SizeName,
    int? Liking,
    string? Words,
    string? Who
);

/// <summary>A note.</summary>
/// <param name="Build">The build's id.</param>
/// <param name="Size">The cup's id.</param>
/// <param name="Liking">How much it is liked, 1 to 9; missing where that is not said.</param>
/// <param name="Words">What is noted.</param>
/// <param name="Who">Who notes it.</param>
public sealed record NoteRequest(string? Build, string? Size, double? Liking, string? Words, string? Who);

/// <summary>A note as it is kept.</summary>
/// <param name="Name">What the build was called.</param>
/// <param name="SizeName">What the cup was called.</param>
/// <param name="Words">What was noted.</param>
/// <param name="Strength">How strong it was, %.</param>
/// <param name="Sweetness">How sweet it was, g/100 g.</param>
public sealed record KeptNote(string Name, string SizeName, string? Words, double? Strength, double? Sweetness);
