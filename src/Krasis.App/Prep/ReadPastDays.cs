using Krasis.App.Shared;
using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Plans;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Shows what was sold on the last days beside what the other days would have led to expect.</summary>
public sealed class ReadPastDays(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    private const int PastDays = 21;

    /// <summary>Does it.</summary>
    public Result<IReadOnlyList<PastDay>> Run() =>
        file.Read(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            return Result.Of<IReadOnlyList<PastDay>>([
                .. kitchen
                    .Sales.GroupBy(sold => sold.Day)
                    .Where(day => day.Key >= kitchen.Today.AddDays(-PastDays))
                    .OrderBy(day => day.Key)
                    .Select(day =>
                    {
                        // What the other days lead to expect, so that a day does not foretell itself.
                        var others = new SalesLearner(
                            kitchen.Sales.Where(sold => sold.Day != day.Key),
                            kitchen.FactorOn
                        );
                        var all = others.Drinks.Select(what => others.On(day.Key, what)).OfType<Expected>().ToList();
                        var (mean, variance) = (all.Sum(each => each.Mean), all.Sum(each => each.Variance));
                        return new PastDay(
                            day.Key,
                            PlanWords.Day(day.Key),
                            day.Sum(sold => sold.Cups),
                            all.Count == 0 ? null : mean,
                            all.Count == 0 ? null : CountQuantile.Of(mean, variance, 0.1),
                            all.Count == 0 ? null : CountQuantile.Of(mean, variance, 0.9),
                            kitchen.Kinds.GetValueOrDefault(Kitchen.Written(day.Key))
                        );
                    }),
            ]);
        });
}
