using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Store;

namespace Krasis.App.Versions;

/// <summary>Puts together what two people made of a build. Nothing is kept.</summary>
public sealed class MergeBuild(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<MergeView> Run(string id, MergeRequest request)
    {
        var fields = new FieldReader();
        foreach (var (name, document) in new[] { ("origin", request.Origin), ("mine", request.Mine) })
        {
            if (document is null)
            {
                fields.Report(name, null, "It is missing.", "a build");
            }
        }

        if (fields.Problems.Count > 0)
        {
            return Refusal.Fields(fields.Problems);
        }

        var (stored, bar, putInPlace) = file.Read(session =>
            (session.Builds.Find(id), session.Bar.Facts(), session.PutInPlace)
        );
        if (stored is null)
        {
            return Refusal.Missing("build");
        }

        var origin = request.Origin!.WithoutNulls();
        var merged = BuildMerge.Of(origin, request.Mine!.WithoutNulls(), stored.Document, bar, request.Choices);
        var (was, now) = (BuildReader.Read(origin, bar, nameless: true), BuildReader.Read(stored.Document, bar));
        return Result.Of(
            new MergeView(
                VersionTag.Of(stored.Version, putInPlace),
                merged.Build,
                stored.Document,
                merged.Clashes,
                was.IsRead && now.IsRead
                    ? BuildDiff.Between(
                        origin,
                        Mixer.Mix(was.Value, bar),
                        stored.Document,
                        Mixer.Mix(now.Value, bar),
                        bar
                    )
                    : []
            )
        );
    }
}
