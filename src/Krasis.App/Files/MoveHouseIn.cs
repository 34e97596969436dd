using Krasis.App.Shared;
using Krasis.App.Standards;
using Krasis.Exchange.Bundles;
using Krasis.Store;

namespace Krasis.App.Files;

/// <summary>Puts the house in a bundle in the place of this one. A backup of this one is made first.</summary>
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
            "Everything, in the place of what was here",
            "before-moving-in",
            clock.GetUtcNow()
        );
        older.Run();
        return Result.Of(BundleParts.View(taken));
    }
}
