using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Scheduling;

namespace Krasis.Core.Planning.Plans;

/// <summary>Says of batches that cannot be ready in time what is short, which cups go without, and by when a batch would
/// have to begin.</summary>
/// <param name="input">What the plan goes by.</param>
/// <param name="workshop">Hands and equipment.</param>
internal sealed class GoingShort(PlanInput input, Workshop workshop)
{
    // No bar has so many parts within parts, but for a loop.
    private const int Deepest = 20;

    /// <summary>The sentences, each after a space.</summary>
    /// <param name="late">The batches of one thing for one day that are late or left out.</param>
    /// <param name="all">All batches that were fitted in together with them.</param>
    /// <param name="placed">What had its time before.</param>
    public string Says(
        IReadOnlyList<WantedBatch> late,
        IReadOnlyList<WantedBatch> all,
        IReadOnlyList<ScheduledJob> placed
    )
    {
        var first = late[0];
        var says = new List<string> { Why(first, all, placed) };
        if (Without(first, late.Sum(batch => batch.Grams)) is { Count: > 0 } without)
        {
            says.Add($"About {PlanWords.List(without)} go without.");
        }

        if (first.Latest is { } latest && latest > input.Now)
        {
            says.Add($"One batch by itself would have to begin by {PlanWords.Moment(input.Clock, latest)}.");
        }

        return string.Concat(says.Select(each => $" {each}"));
    }

    // What is short: that of which one more lets it be ready in time.
    private string Why(WantedBatch late, IReadOnlyList<WantedBatch> all, IReadOnlyList<ScheduledJob> placed)
    {
        var job = late.Job;
        foreach (var used in job.WorkOn.Append(job.WaitOn).OfType<string>().Distinct())
        {
            var more = workshop.Equipment.ToDictionary();
            more[used] = more.GetValueOrDefault(used) + all.Count;
            if (IsInTime(workshop with { Equipment = more }, [.. all.Select(each => each.Job)]))
            {
                return $"No {input.Prep.Equipment.First(each => each.Id == used).Name} is free for it.";
            }
        }

        var hands = workshop.Shifts.Select(shift => shift with { People = shift.People + all.Count });
        if (IsInTime(workshop with { Shifts = [.. hands] }, [.. all.Select(each => each.Job)]))
        {
            return "Nobody is free to make it.";
        }

        var whenever = all.Select(each => each == late ? each.Job with { Earliest = int.MinValue / 2 } : each.Job);
        return late.Item.Keeps is { } keeps && IsInTime(workshop, [.. whenever])
            ? $"It keeps {keeps} {(keeps == 1 ? "day" : "days")}, so it cannot be made earlier."
            : $"It takes {Duration(job.Length)} from start to ready, and there is no such time left before it is needed.";

        bool IsInTime(Workshop shop, IReadOnlyList<Job> jobs) =>
            Scheduler.ScheduleAll(jobs, shop, placed).Single(each => each.Job.Key == job.Key).Late == 0;
    }

    // How many cups of which drink the amount would have been for: each drink's share of what is used on those days.
    private List<string> Without(WantedBatch batch, double grams)
    {
        var used = input
            .OnTheBoard.Where(each => input.Clock.IndexOf(each.Day) is var day && day >= batch.From && day <= batch.To)
            .Select(each => (each.What.Build, each.Mean, Grams: each.Mean * InACup(each, batch.Item.Item)))
            .Where(each => each.Grams > 0)
            .GroupBy(each => each.Build)
            .Select(drink => (drink.Key, Cups: drink.Sum(each => each.Mean), Grams: drink.Sum(each => each.Grams)))
            .ToList();
        var share = Math.Min(1, grams / Math.Max(1e-9, used.Sum(drink => drink.Grams)));
        return
        [
            .. used.OrderByDescending(drink => drink.Cups)
                .Select(drink => (Name: input.Drinks.GetValueOrDefault(drink.Key, ""), Cups: drink.Cups * share))
                .Where(drink => drink.Cups >= 0.5)
                .Select(drink => $"{drink.Cups:0} {(drink.Cups < 1.5 ? "cup" : "cups")} of {drink.Name}"),
        ];
    }

    private double InACup(Expecting.Expected cups, Item item) =>
        input.Needs.GetValueOrDefault(cups.What)?.Sum(need => need.Value * ShareIn(need.Key, item, 0)) ?? 0;

    private double ShareIn(Item of, Item item, int depth) =>
        of == item ? 1
        : depth > Deepest ? 0
        : input.Catalogue.GetValueOrDefault(of)?.Of.Sum(inner => inner.Share * ShareIn(inner.Item, item, depth + 1))
            ?? 0;

    private static string Duration(int minutes) =>
        minutes < 60 ? $"{minutes} min"
        : minutes % 60 == 0 ? $"{minutes / 60} h"
        : $"{minutes / 60} h {minutes % 60} min";
}
