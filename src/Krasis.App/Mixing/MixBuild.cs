using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging.Findings;
using Krasis.Store;

namespace Krasis.App.Mixing;

/// <summary>Works out a build for every size.</summary>
public sealed class MixBuild(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<BuildSheet> Run(BuildDocument build)
    {
        var bar = file.Read(session => session.Bar.Facts());
        build = build.WithoutNulls();
        var reading = BuildReader.Read(build, bar, nameless: true);
        return reading.IsRead
            ? Result.Of(TriedSheet.Mix(build, reading.Value, bar, clock.Today()))
            : Refusal.Fields(reading.Problems);
    }
}
