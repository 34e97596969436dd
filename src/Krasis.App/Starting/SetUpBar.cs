using Krasis.App.Seeding;
using Krasis.App.Shared;
using Krasis.Core.Changing.Starting;
using Krasis.Store;

namespace Krasis.App.Starting;

/// <summary>Sets an empty bar up.</summary>
public sealed class SetUpBar(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<Done> Run(SetupDocument setup) =>
        file.Write<Result<Done>>(session =>
        {
            if (session.Builds.Heads().Count > 0)
            {
                return Refusal.Conflict(
                    "There are builds already.",
                    "The bar is changed fact by fact now, on the pages of the bar."
                );
            }

            var bar = BarSetup.Make(Seeder.Load(Seeder.Starter, clock.Today()).Bar, setup.WithoutNulls());
            if (!bar.IsRead)
            {
                return Refusal.Fields(bar.Problems);
            }

            Seeder.Replace(session, bar.Value, clock.GetUtcNow());
            return Result.Done;
        });
}
