using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Store;

namespace Krasis.App.Files;

/// <summary>Says what drinks of a bundle would be here. Nothing is kept.</summary>
public sealed class LookThroughBundle(KrasisFile file, BundleShelf shelf, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<LookView> Run(string key, LookRequest request)
    {
        if (!shelf.TryFind(key, out var bundle) || Guests.Of(bundle) is not { IsRead: true } guests)
        {
            return BundleParts.Gone();
        }

        var chosen = guests.Value.Builds.Where(build => request.Drinks.Contains(build.Id)).ToList();
        return chosen.Count is 0 or > TakingIn.MostAtOnce
            ? Refusal.Fields([
                new Problem(
                    "drinks",
                    null,
                    chosen.Count == 0
                        ? "These are no drinks of the file."
                        : $"These are {chosen.Count} drinks at once.",
                    $"drinks of the file, up to {TakingIn.MostAtOnce}"
                ),
            ])
            : file.Read<Result<LookView>>(session =>
            {
                var builds = chosen.Select(one => one.Build).ToList();
                var theirs = BarSubset.For(builds, guests.Value.Bar);
                if (Core.Bar.Kinds.BarReader.Read(theirs) is { IsRead: false } unread)
                {
                    return Refusal.Fields([
                        .. unread.Problems.Select(problem => problem with { Field = $"file.{problem.Field}" }),
                    ]);
                }

                var facts = TakingIn.Facts(session, guests.Value, builds, theirs, request.Choices);
                var (own, taken) = (session.Bar.Whole(), TakingIn.TakenIds(session));
                return Result.Of(
                    new LookView(
                        facts,
                        [
                            .. chosen.Select(one =>
                                BundleParts.Look(
                                    one,
                                    theirs,
                                    own,
                                    [.. facts.Select(fact => fact.Choice)],
                                    taken,
                                    clock.Today()
                                )
                            ),
                        ]
                    )
                );
            });
    }
}
