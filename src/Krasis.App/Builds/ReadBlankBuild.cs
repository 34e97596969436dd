using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Store;

namespace Krasis.App.Builds;

/// <summary>Gives a build to start from. Nothing is kept.</summary>
public sealed class ReadBlankBuild(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<BuildDocument> Run() => Result.Of(BlankBuild.For(file.Read(session => session.Bar.Facts())));
}
