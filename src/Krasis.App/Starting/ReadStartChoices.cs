using Krasis.App.Shared;
using Krasis.Core.Changing.Starting;
using Krasis.Store;

namespace Krasis.App.Starting;

/// <summary>Lists what a build can start from.</summary>
public sealed class ReadStartChoices(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<StartChoices> Run()
    {
        var bar = file.Read(session => session.Bar.Facts());
        return Result.Of(new StartChoices(Skeleton.Choices(bar), Skeleton.Flavours(bar)));
    }
}
