using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Standards;

/// <summary>Records the sheets of standards that were published before sheets were kept, once: when the program first
/// opens the file, or when an older house moves in. From then on they do not change with the program's sums.</summary>
public sealed class RecordOlderStandards(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    /// <returns>How many were recorded.</returns>
    public Result<int> Run() =>
        file.Write(
            session =>
                session.Standards.WithoutSheet().Select(standard => (standard, Frozen: standard.Freeze())).ToList(),
            (session, worked) =>
            {
                foreach (var (standard, frozen) in worked)
                {
                    session.Standards.Record(standard.BuildId, standard.Number, frozen, clock.GetUtcNow());
                }

                return worked.Count;
            }
        );
}
