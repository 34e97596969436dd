using Krasis.App.Shared;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Input;
using Krasis.Store;

namespace Krasis.App.Starting;

/// <summary>Proposes a build to start from.</summary>
public sealed class ProposeBuild(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<BuildDocument> Run(StartRequest request)
    {
        var fields = new FieldReader();
        var made = fields.Word("base", request.Base, DrinkBase.Espresso);
        var serve = fields.Word("serve", request.Serve, Serve.Hot);
        if (fields.Problems.Count > 0)
        {
            return Refusal.Fields(fields.Problems);
        }

        var build = Skeleton.Propose(
            made,
            serve,
            [.. request.Sizes.Distinct().Select(id => new CupId(id ?? ""))],
            file.Read(session => session.Bar.Facts()),
            request.Of,
            request.Flavour
        );
        return build.IsRead ? Result.Of(build.Value) : Refusal.Fields(build.Problems);
    }
}
