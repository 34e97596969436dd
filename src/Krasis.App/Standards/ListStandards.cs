using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Standards;

/// <summary>Lists the standards of a build, the newest first.</summary>
public sealed class ListStandards(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<IReadOnlyList<StandardSummary>> Run(string id) =>
        Result.Of<IReadOnlyList<StandardSummary>>([
            .. file.Read(session => session.Standards.List(id))
                .Select(standard => new StandardSummary(
                    standard.Number,
                    standard.Published.At,
                    standard.Published.Why,
                    standard.Document.Name ?? "",
                    standard.Published.Who
                )),
        ]);
}
