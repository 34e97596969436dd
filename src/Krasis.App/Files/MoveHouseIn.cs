using Krasis.App.Shared;
using Krasis.App.Standards;
using Krasis.Exchange.Bundles;
using Krasis.Store;

namespace Krasis.App.Files;

/// <summary>Replaces this house with the one in a bundle, after a backup.</summary>
public sealed class MoveHouseIn(
    KrasisFile file,
    BundleShelf shelf,
    WorkedOut known,
    RecordOlderStandards older,
    TimeProvider clock
) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<TakenView> Run(string key)
    {
        if (!shelf.TryFind(key, out var bundle) || bundle.Manifest.Scope != BundleManifest.WholeHouse)
        {
            return BundleParts.Gone();
        }

        var tables = MovingIn.Tables(bundle, clock);
        if (!tables.IsRead)
        {
            return Refusal.Fields(tables.Problems);
        }

        var taken = BundleParts.Replace(
            file,
            known,
            bundle.Manifest.House,
            tables.Value,
            "All data, replacing everything that was here",
            "before-moving-in",
            clock.GetUtcNow()
        );
        older.Run();
        return Result.Of(BundleParts.View(taken));
    }
}
