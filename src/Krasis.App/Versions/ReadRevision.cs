using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Store;

namespace Krasis.App.Versions;

/// <summary>Reads a build as it was saved once.</summary>
public sealed class ReadRevision(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<BuildDocument> Run(string id, long version) =>
        file.Read(session => session.Builds.RevisionAt(id, version)) is { } revision
            ? Result.Of(revision.Document)
            : Refusal.Missing("version");
}
