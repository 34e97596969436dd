using Krasis.App.Shared;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Making.Telling;
using Krasis.Store;

namespace Krasis.App.Making;

/// <summary>Says how every size of a drink is made at a station.</summary>
public sealed class ReadCards(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<CardsView> Run(string id, long? standard, string? station, WishQuery asked)
    {
        var wish = asked.Read();
        if (!wish.IsRead)
        {
            return Refusal.Fields(wish.Problems);
        }

        var (drink, problem) = file.Read(session => MadeDrink.Find(session, id, standard, wish.Value));
        if (drink is null)
        {
            return problem!;
        }

        var plans = drink.PlanAt(station);
        return plans.IsRead
            ? Result.Of(
                new CardsView(
                    id,
                    drink.Build.Name,
                    drink.Standard,
                    drink.At,
                    drink.IsLast,
                    drink.State,
                    station ?? drink.Bar.Station?.Id,
                    [.. drink.Bar.Stations.Select(known => new StationName(known.Id, known.Name))],
                    drink.Wishes,
                    PourLimits.All,
                    drink.Changes,
                    RecipeText.Allergens(plans.Value),
                    plans.Value
                )
            )
            : Refusal.Fields(plans.Problems);
    }
}
