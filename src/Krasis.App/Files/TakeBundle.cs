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
            : file.Write<Result<TakenView>>(session =>
            {
                var (taken, problem) = TakingIn.Take(session, guests.Value, request, clock.GetUtcNow());
                if (problem is not null)
                {
                    session.Abandon();
                    return problem;
                }

                return Result.Of(BundleParts.View(taken!));
            });
}
