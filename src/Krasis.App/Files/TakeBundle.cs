using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Files;

/// <summary>Takes drinks of a bundle in: all that are named, or none.</summary>
public sealed class TakeBundle(KrasisFile file, BundleShelf shelf, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<TakenView> Run(string key, TakeRequest request) =>
        !shelf.TryFind(key, out var bundle) || Guests.Of(bundle) is not { IsRead: true } guests
            ? BundleParts.Gone()
            : file.Write(
                    session => TakingIn.Plan(session, guests.Value, request),
                    (session, planned) =>
                        planned.Then(plan =>
                        {
                            var taken = TakingIn.Take(session, plan, clock.GetUtcNow());
                            if (taken.Refusal is not null)
                            {
                                session.Abandon();
                            }

                            return taken;
                        })
                )
                .Then(BundleParts.View);
}
