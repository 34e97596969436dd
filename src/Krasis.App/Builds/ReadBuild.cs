using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Builds;

/// <summary>Reads one build.</summary>
public sealed class ReadBuild(KrasisFile file) : IUseCase
{
    private const string What = "build";

    /// <summary>Does it.</summary>
    public Result<BuildView> Run(string id) =>
        file.Read<Result<BuildView>>(session =>
            session.Builds.Find(id) is { } stored ? Result.Of(BuildViews.View(session, stored)) : Refusal.Missing(What)
        );
}
