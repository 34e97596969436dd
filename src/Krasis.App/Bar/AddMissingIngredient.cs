using Krasis.App.Seeding;
using Krasis.App.Shared;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Changing.Starting;
using Krasis.Store;
using Krasis.Store.Values;

namespace Krasis.App.Bar;

/// <summary>Adds an ingredient that a build lacks, like one of the starter pantry, with its pump if it has
/// one.</summary>
public sealed class AddMissingIngredient(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Adds it.</summary>
    public Result<FactView<IngredientDocument>> Run(MissingIngredient missing)
    {
        var id = Guid.CreateVersion7().ToString();
        var made = missing.Make(Seeder.Load(Seeder.Starter, clock.Today()).Bar.Ingredients, id);
        return !made.IsRead
            ? Refusal.Fields(made.Problems)
            : FactChange.Make<IngredientDocument, FactView<IngredientDocument>>(
                file,
                BarKinds.Ingredients,
                id,
                (_, bar) => With(bar),
                Add,
                (fact, session) => FactView.Of(fact!, session)
            );

        BarDocument With(BarDocument bar) =>
            BarKinds.Ingredients.With(
                made.Value.Pump is { } pump ? BarKinds.Dispensers.With(bar, pump) : bar,
                made.Value.Ingredient
            );

        SaveOutcome Add(Session session)
        {
            session.Bar.Add(BarKinds.Ingredients, id, made.Value.Ingredient, clock.GetUtcNow());
            if (made.Value.Pump is { } pump)
            {
                session.Bar.Add(BarKinds.Dispensers, pump.Id!, pump, clock.GetUtcNow());
            }

            return SaveOutcome.Saved;
        }
    }
}
