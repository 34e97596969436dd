using System.Text.Json;
using Krasis.App.Shared;
using Krasis.App.Standards;
using Krasis.Store;
using Krasis.Store.Files;

namespace Krasis.App.Files;

/// <summary>Undoes what was taken in.</summary>
public sealed class UndoTaking(KrasisFile file, WorkedOut known, RecordOlderStandards older, TimeProvider clock)
    : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<TakenView> Run(string id)
    {
        var row = file.Read(session => session.Taken.Find(id));
        if (row is null or { UndoneAt: not null })
        {
            return Refusal.Missing("file that was taken in");
        }

        var (undo, now) = (JsonSerializer.Deserialize<Undo>(row.Undo, JsonSerializerOptions.Web)!, clock.GetUtcNow());
        if (undo.Copy is { } copy)
        {
            if (DataFileLook.Fault(copy, isThorough: false) is { } fault)
            {
                return Refusal.Conflict(
                    "It cannot be undone any more.",
                    $"The copy of what was here, '{copy}', is no good: {fault}."
                );
            }

            // Through a copy of the copy, which this program may first have to bring up to date.
            var before = Path.Combine(Path.GetTempPath(), $"krasis-{Guid.NewGuid():N}.db");
            try
            {
                Copies.Make(copy, before);
                var (house, tables) = KrasisFile
                    .Open(before, clock)
                    .Read(session => (session.House.Id, session.House.Read()));
                BundleParts.Replace(file, known, house, tables, null, "before-undoing", now);
                older.Run();
            }
            finally
            {
                KrasisFile.LetGo(before);
                File.Delete(before);
            }
        }

        return file.Write<Result<TakenView>>(session =>
        {
            if (TakingIn.TakeBack(session, undo, now) is { } problem)
            {
                session.Abandon();
                return problem;
            }

            session.Taken.Undone(id, now);
            return Result.Of(BundleParts.View(session.Taken.Find(id)!));
        });
    }
}
