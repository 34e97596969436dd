using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Scheduling;

namespace Krasis.Core.Planning.Plans;

/// <summary>A plan while it is drawn.</summary>
internal sealed class PlanDraft
{
    private readonly PlanInput input;
    private readonly int days;
    private readonly Workshop workshop;
    private readonly BatchSizing sizing;
    private readonly Dictionary<Item, Demand> demands = [];
    private readonly List<PlannedBatch> batches = [];
    private readonly List<ScheduledJob> placed = [];
    private readonly List<Conflict> conflicts = [];

    private readonly ConflictTelling telling;

    /// <summary>Begins one.</summary>
    /// <param name="input">What it goes by.</param>
    /// <param name="isExplained">Whether it is looked for what is short where a batch is late. That takes time.</param>
    public PlanDraft(PlanInput input, bool isExplained)
    {
        (this.input, days) = (input, input.Clock.Days);
        workshop = WorkshopOf(input);
        sizing = new BatchSizing(input, workshop, conflicts);
        telling = new ConflictTelling(input, workshop, sizing, placed, conflicts, isExplained);
    }

    /// <summary>Draws it.</summary>
    public PrepPlan Draw()
    {
        AddDemandOfDrinks();
        foreach (var level in Levels())
        {
            Schedule([.. level.SelectMany(item => sizing.Of(item, demands.GetValueOrDefault(item.Item)))]);
        }

        SetUseByDays();
        var (litres, waste, wasteCost) = ForecastFridge();
        telling.FullFridge(litres);
        var needs = demands
            .Select(entry => Need(entry.Key, entry.Value))
            .OrderBy(need => need.IsMade ? 0 : 1)
            .ThenBy(need => need.Name, StringComparer.Ordinal)
            .ToList();
        var figures = new PlanFigures(
            batches.Count,
            batches.Sum(batch => batch.Work),
            litres.Max(),
            waste,
            wasteCost,
            needs
                .Where(need => !need.IsMade)
                .Sum(need => need.Mean * (input.Catalogue.GetValueOrDefault(need.Item)?.Price ?? 0)),
            input.OnTheBoard.Sum(cups => cups.Mean)
        );
        return new PrepPlan(
            [
                .. batches
                    .OrderBy(batch => batch.Begin ?? int.MaxValue)
                    .ThenBy(batch => batch.Key, StringComparer.Ordinal),
            ],
            needs,
            conflicts,
            litres,
            figures
        );
    }

    private void AddDemandOfDrinks()
    {
        foreach (var day in Enumerable.Range(0, days))
        {
            var (date, share) = (input.Clock.DayAt(day), input.ShareOf(day));
            telling.OffTheBoard(date);
            var cups = input.OnTheBoard.Where(each => each.Day == date && each.Mean > 0).ToList();
            if (cups.Count > 0 && input.Prep.HoursOn(date).Opens is null)
            {
                conflicts.Add(
                    new Conflict(
                        ConflictKind.Closed,
                        null,
                        date,
                        $"The forecast has {cups.Sum(each => each.Mean):0} cups on {PlanWords.Day(date)}, but your café is closed that day.",
                        []
                    )
                );
            }

            foreach (var each in cups)
            {
                if (!input.Needs.TryGetValue(each.What, out var need))
                {
                    var name = input.Drinks.GetValueOrDefault(each.What.Build, "A drink");
                    telling.Once(
                        new Conflict(
                            ConflictKind.Unknown,
                            each.What.Build,
                            date,
                            $"{name} is in the forecast but has no standard for that cup at that station. It is not counted.",
                            []
                        )
                    );
                    continue;
                }

                foreach (var (item, amount) in need)
                {
                    DemandOf(item)
                        .Add(
                            day,
                            NeedMoments.Of(
                                amount,
                                each with
                                {
                                    Mean = each.Mean * share,
                                    Variance = each.Variance * share,
                                }
                            )
                        );
                }
            }
        }
    }

    // What drinks use is level 0; what goes into it the next.
    private IEnumerable<IReadOnlyList<PrepItem>> Levels()
    {
        var depth = new Dictionary<Item, int>();
        foreach (var item in demands.Keys.Concat(input.Set.Select(set => set.Item)).ToList())
        {
            Deepen(item, 0);
        }

        return
        [
            .. depth
                .Where(entry => input.Catalogue.TryGetValue(entry.Key, out var known) && known.IsMade)
                .GroupBy(entry => entry.Value)
                .OrderBy(group => group.Key)
                .Select(group =>
                    group
                        .Select(entry => input.Catalogue[entry.Key])
                        .OrderBy(item => item.Item.Id, StringComparer.Ordinal)
                        .ToList()
                ),
        ];

        void Deepen(Item item, int at)
        {
            // No bar has so many parts within parts, but for a loop.
            if (at > 20 || (depth.TryGetValue(item, out var known) && known >= at))
            {
                return;
            }

            depth[item] = at;
            foreach (var (inner, _) in input.Catalogue.GetValueOrDefault(item)?.Of ?? [])
            {
                Deepen(inner, at + 1);
            }
        }
    }

    private void Schedule(IReadOnlyList<WantedBatch> wanted)
    {
        if (wanted.Count == 0)
        {
            return;
        }

        var fitted = Scheduler.ScheduleAll([.. wanted.Select(each => each.Job)], workshop, placed);
        telling.Late([.. wanted.Zip(fitted).Where(pair => !pair.First.IsBegun && pair.Second.Late > 0)], wanted);
        foreach (var (each, place) in wanted.Zip(fitted))
        {
            telling.Trouble(each, place, fitted);
            var batch = Planned(each, place);
            batches.Add(batch);
            if (!each.IsBegun)
            {
                var begin = Math.Max(place.Begin ?? each.Job.Due, 0);
                foreach (var (inner, grams) in batch.Of)
                {
                    DemandOf(inner).Add(input.Clock.DayOf(begin), grams, begin);
                }
            }
        }

        placed.AddRange(fitted);
    }

    private PlannedBatch Planned(WantedBatch wanted, ScheduledJob place) =>
        new(
            wanted.Key,
            wanted.Item.Item,
            wanted.Item.Name,
            wanted.Grams,
            place.Begin,
            wanted.Job.Work,
            wanted.Job.Wait,
            wanted.Job.Due,
            wanted.Earliest,
            wanted.Latest,
            input.Clock.DayAt(wanted.From),
            input.Clock.DayAt(wanted.To),
            place.Begin is { } begun && wanted.Item.Keeps is not null
                ? input.Clock.DayAt(0).AddDays(sizing.LastDay(wanted.Item, begun))
                : null,
            wanted.Job.FixedAt is not null,
            wanted.IsBegun,
            [.. wanted.Item.Of.Select(inner => (inner.Item, Grams: inner.Share * wanted.Grams))]
        );

    // The plan shows the use-by day that the label will show.
    private void SetUseByDays()
    {
        foreach (var (batch, by) in new BatchUseBy(input, demands).On(batches.Where(batch => batch.Begin is not null)))
        {
            batches[batches.FindIndex(each => each.Key == batch.Key)] = batch;
            if (by is { } inner)
            {
                telling.ExpiresWithAnIngredient(batch, inner);
            }
        }
    }

    // Litres in the fridge day by day, and what will pass its use-by day, both for average sales.
    private (double[] Litres, double Waste, double Cost) ForecastFridge()
    {
        var litres = new double[days];
        double waste = 0,
            cost = 0;
        foreach (var item in input.Catalogue.Values.Where(item => item.IsMade))
        {
            var pantry = new Pantry();
            foreach (var lot in input.Stock.Where(lot => lot.Item == item.Item))
            {
                pantry.Add(lot.Left, 0, lot.UseBy is { } day ? input.Clock.IndexOf(day) : days);
            }

            foreach (var batch in batches.Where(batch => batch.Item == item.Item && batch.Ready is not null))
            {
                // What is ready before the house opens is there on that day.
                pantry.Add(
                    batch.Grams,
                    Math.Max(0, input.Clock.DayOf(batch.Ready!.Value)),
                    batch.UseBy is { } day ? input.Clock.IndexOf(day) : days
                );
            }

            for (var day = 0; day < days; day++)
            {
                litres[day] +=
                    item.IsChilled && item.GramsPerMl is { } density ? pantry.GramsOn(day) / density / 1000 : 0;
                pantry.Use(day, demands.GetValueOrDefault(item.Item)?.Mean(day) ?? 0);
                var over = pantry.OverAfter(day);
                waste += over;
                cost += over * (item.Price ?? 0);
            }
        }

        return (litres, waste, cost);
    }

    private ItemNeed Need(Item item, Demand demand) =>
        new(
            item,
            input.Catalogue.GetValueOrDefault(item)?.Name ?? item.Id,
            input.Catalogue.GetValueOrDefault(item)?.IsMade ?? false,
            Enumerable.Range(0, days).Sum(demand.Mean),
            demand.Lasting(0, days - 1, input.Prep.Lasts),
            input.Stock.Where(lot => lot.Item == item && lot.IsGoodOn(input.Clock.First)).Sum(lot => lot.Left),
            [.. Enumerable.Range(0, days).Select(day => demand.Lasting(day, day, input.Prep.Lasts))],
            [.. Enumerable.Range(0, days).Select(day => demand.Lasting(0, day, input.Prep.Lasts))]
        );

    private Demand DemandOf(Item item)
    {
        if (!demands.TryGetValue(item, out var demand))
        {
            demands[item] = demand = new Demand(days);
        }

        return demand;
    }

    private static Workshop WorkshopOf(PlanInput input)
    {
        var clock = input.Clock;
        var shifts = Enumerable
            .Range(0, clock.Days)
            .Select(day => (Day: day, Hours: input.Prep.HoursOn(clock.DayAt(day))))
            .Where(each => each.Hours is { WorkFrom: not null, WorkTo: not null })
            .Select(each => new WorkShift(
                clock.MinuteAt(each.Day, each.Hours.WorkFrom!.Value),
                clock.MinuteAt(each.Day, Math.Min(each.Hours.WorkTo!.Value, (24 * 60) - 1)),
                each.Hours.People
            ))
            .ToList();
        return new Workshop(
            shifts,
            input.Prep.Equipment.ToDictionary(each => each.Id, each => each.Count),
            input.Now,
            clock.End
        );
    }
}
