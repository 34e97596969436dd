using Krasis.App.Shared;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Store;
using Krasis.Store.Tastings;
using Krasis.Store.Values;
using Krasis.Tasting.Documents;

namespace Krasis.App.Tastings;

/// <summary>Saves what somebody noted at the counter.</summary>
public sealed class SaveTastingNote(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<LogEntry> Run(string id, NoteRequest request)
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
            return Refusal.Fields(fields.Problems);
        }

        return file.Write(session => Save(session, id, request, new Noted(who, liking, words)));
    }

    private Result<LogEntry> Save(Session session, string id, NoteRequest request, Noted noted)
    {
        var (who, liking, words) = noted;
        if (session.Builds.Find(request.Build ?? "") is not { } build)
        {
            return Refusal.Missing("build");
        }

        var size = session.Bar.Facts().Find(new CupId(request.Size ?? ""));
        if (size is null || !build.Document.Sizes.Contains(size.Id.Value))
        {
            return Refusal.Fields([
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
                ? Result.Of(TastingLog.Entry(before, names).Entry)
                : Refusal.Conflict("This note has been kept already, otherwise.", "What is there stays as it is.");
        }

        session.Tastings.Add(
            new StoredNote(
                id,
                build.Id,
                build.SavedVersion,
                size.Id.Value,
                Timestamp.Write(clock.GetUtcNow()),
                who,
                liking,
                words,
                Tasted.Write(kept)
            )
        );
        return Result.Of(TastingLog.Entry(session.Tastings.Note(id)!, names).Entry);
    }

    private sealed record Noted(string? Who, int? Liking, string? Words);
}
