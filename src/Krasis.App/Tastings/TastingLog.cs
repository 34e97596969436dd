using Krasis.Store.Tastings;
using Krasis.Store.Values;
using Krasis.Tasting.Documents;

namespace Krasis.App.Tastings;

/// <summary>Reads the log of tastings.</summary>
public static class TastingLog
{
    public static (LogEntry Entry, string Sought) Entry(
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
            Timestamp.Read(stored.OpenedAt ?? stored.CreatedAt),
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

    public static (LogEntry Entry, string Sought) Entry(StoredNote stored, Dictionary<string, string> names)
    {
        var note = Tasted.Read<KeptNote>(stored.Document);
        var entry = new LogEntry(
            "note",
            stored.Id,
            Timestamp.Read(stored.NotedAt),
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
}
