using Krasis.App.Seeding;
using Krasis.App.Shared;
using Krasis.Core.Changing.Starting;
using Krasis.Store;

namespace Krasis.App.Starting;

/// <summary>Lists what a bar can be set up with.</summary>
public sealed class ReadSetupChoices(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<SetupChoices> Run()
    {
        var starter = Seeder.Load(Seeder.Starter, clock.Today()).Bar;
        return Result.Of(
            new SetupChoices(
                file.Read(session => session.Builds.Heads()).Count == 0,
                BarSetup.Milks(starter),
                BarSetup.Likes(starter)
            )
        );
    }
}
