using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Tastings;

/// <summary>Lists everything that was tasted.</summary>
public sealed class ReadTastingLog(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<IReadOnlyList<LogEntry>> Run(string? text = null, string? build = null) =>
        file.Read(session =>
        {
            var answered = session.Tastings.Answered();
            var names = session
                .Builds.Heads()
                .ToDictionary(head => head.Id, head => session.Builds.Find(head.Id)!.Document.Name ?? "");
            var tastings = (build is null ? session.Tastings.List() : session.Tastings.Of(build)).Select(stored =>
                TastingLog.Entry(Tasted.Of(stored), answered, names)
            );
            var notes = session.Tastings.Notes(build).Select(note => TastingLog.Entry(note, names));
            var words = (text ?? "").Split(' ', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);
            return Result.Of<IReadOnlyList<LogEntry>>([
                .. tastings
                    .Concat(notes)
                    .Where(entry => words.All(word => entry.Sought.Contains(word, StringComparison.OrdinalIgnoreCase)))
                    .OrderByDescending(entry => entry.Entry.At)
                    .Select(entry => entry.Entry),
            ]);
        });
}
