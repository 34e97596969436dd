using Krasis.App.Seeding;
using Krasis.App.Shared;
using Krasis.Core.Bar.Ingredients;

namespace Krasis.App.Pantry;

/// <summary>Lists the starter ingredients.</summary>
public sealed class ReadPantry(TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<IReadOnlyList<IngredientDocument>> Run() =>
        Result.Of(Seeder.Load(Seeder.Starter, clock.Today()).Bar.Ingredients);
}
