using Krasis.App.Builds;
using Krasis.App.Shared;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Input;
using Krasis.Store;

namespace Krasis.App.Starting;

/// <summary>Proposes a build to start from.</summary>
public sealed class ProposeBuild(KrasisFile file, Library library) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<Proposal> Run(StartRequest request)
    {
        var fields = new FieldReader();
        var made = fields.Word("base", request.Base, DrinkBase.Espresso);
        var serve = fields.Word("serve", request.Serve, Serve.Hot);
        if (fields.Problems.Count > 0)
        {
            return Refusal.Fields(fields.Problems);
        }

        var (bar, sold) = file.Read(session => (session.Bar.Facts(), library.Standards(session)));
        var proposal = Skeleton.Propose(
            made,
            serve,
            [.. request.Sizes.Distinct().Select(id => new CupId(id ?? ""))],
            bar,
            request.Of,
            request.Flavour,
            [.. sold.Select(standard => standard.Frozen.Sheet)]
        );
        return proposal.IsRead ? Result.Of(proposal.Value) : Refusal.Fields(proposal.Problems);
    }
}
