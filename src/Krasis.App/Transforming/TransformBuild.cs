using Krasis.App.Shared;
using Krasis.Core.Changing.Transforming;
using Krasis.Store;

namespace Krasis.App.Transforming;

/// <summary>Makes a variant of a build.</summary>
public sealed class TransformBuild(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<Transformed> Run(TransformRequest request)
    {
        var reading = Transforming.Read(request, file.Read(session => session.Bar.Facts()));
        return reading.IsRead ? Result.Of(reading.Value) : Refusal.Fields(reading.Problems);
    }
}
