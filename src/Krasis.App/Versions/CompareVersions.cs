using Krasis.App.Shared;
using Krasis.Core.Changing.Comparing;
using Krasis.Store;

namespace Krasis.App.Versions;

/// <summary>Says how two builds, or two versions of one, differ.</summary>
public sealed class CompareVersions(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<DiffView> Run(string from, string to) =>
        file.Read<Result<DiffView>>(session =>
            BuildPlace.Find(session, from) is { } before && BuildPlace.Find(session, to) is { } after
                ? Result.Of(
                    new DiffView(
                        before.Sheet,
                        after.Sheet,
                        BuildDiff.Between(
                            before.Document,
                            before.Sheet,
                            after.Document,
                            after.Sheet,
                            session.Bar.Facts()
                        )
                    )
                )
                : Refusal.Missing("version that today's bar can pour")
        );
}
