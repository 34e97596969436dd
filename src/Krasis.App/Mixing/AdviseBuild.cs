using Krasis.App.Shared;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Advising;
using Krasis.Store;

namespace Krasis.App.Mixing;

/// <summary>Finds pourable ways for a size.</summary>
public sealed class AdviseBuild(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<Advised> Run(AdviseRequest request)
    {
        var bar = file.Read(session => session.Bar.Facts());
        var reading = BuildReader.Read(request.Build.WithoutNulls(), bar, nameless: true);
        if (!reading.IsRead)
        {
            return Refusal.Fields([
                .. reading.Problems.Select(problem => problem with { Field = $"build.{problem.Field}" }),
            ]);
        }

        var size = new CupId(request.Size ?? "");
        return reading.Value.Sizes.Contains(size)
            ? Result.Of(Adviser.Advise(request.Build.WithoutNulls(), reading.Value, bar, size))
            : Refusal.Fields([new("size", request.Size, "The build has no such size.", "one of the build's sizes")]);
    }
}
