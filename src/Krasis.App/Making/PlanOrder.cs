using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Core.Making;
using Krasis.Core.Making.Ordering;
using Krasis.Store;

namespace Krasis.App.Making;

/// <summary>Plans an order of several drinks.</summary>
public sealed class PlanOrder(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<OrderPlan> Run(OrderRequest request)
    {
        if (request.Drinks.Count is 0 or > OrderPlanner.Most)
        {
            return Refusal.Fields([
                new(
                    "drinks",
                    null,
                    request.Drinks.Count == 0
                        ? "There is nothing in the order."
                        : $"{request.Drinks.Count} drinks are too many to be made at once.",
                    $"1 to {OrderPlanner.Most} drinks"
                ),
            ]);
        }

        if (request.Drinks.Any(drink => (DrinkRequest?)drink is null))
        {
            return Refusal.Fields([new("drinks", null, "One of the drinks is nothing.", "a build and a cup for each")]);
        }

        var (made, bar) = file.Read(session =>
            (request.Drinks.Select(drink => MadeDrink.Find(session, drink)).ToList(), session.Bar.Facts())
        );
        var plans = new List<MakingPlan>();
        foreach (var ((drink, problem), asked) in made.Zip(request.Drinks))
        {
            if (drink is null)
            {
                return problem!;
            }

            var sizes = drink.PlanAt(request.Station);
            if (!sizes.IsRead)
            {
                return Refusal.Fields(sizes.Problems);
            }

            if (sizes.Value.FirstOrDefault(plan => plan.Size.Value == asked.Size) is not { } plan)
            {
                return Refusal.Fields([
                    new Problem(
                        $"drinks[{plans.Count}].size",
                        asked.Size,
                        $"{drink.Build.Name} is not made in that cup here.",
                        string.Join(", ", sizes.Value.Select(size => size.SizeName))
                    ),
                ]);
            }

            plans.Add(plan);
        }

        var planned = OrderPlanner.Plan(plans, bar.Pitchers, bar.House.Standing, bar.House.Places);
        return planned.IsRead ? Result.Of(planned.Value) : Refusal.Fields(planned.Problems);
    }
}
