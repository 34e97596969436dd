using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Standards;

/// <summary>Reads one standard as it was published.</summary>
public sealed class ReadStandard(KrasisFile file) : IUseCase
{
    private const string What = "standard";

    /// <summary>Does it.</summary>
    public Result<StandardView> Run(string id, long number) =>
        file.Read(session => session.Standards.Find(id, number)) is { } standard
            ? Result.Of(StandardViews.View(standard))
            : Refusal.Missing(What);
}
