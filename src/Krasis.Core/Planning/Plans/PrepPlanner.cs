using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Scheduling;

namespace Krasis.Core.Planning.Plans;

/// <summary>Plans what is made when.</summary>
/// <remarks>First what drinks use, then what goes into that, and so on inward: the time at which a batch is begun is
/// the time at which what goes into it has to be ready. What is in stock and good is used first. A batch is for as many
/// days as it keeps and as a batch is large, and holds what lasts over them with the house's probability. See
/// <see cref="Scheduler"/> for the times.</remarks>
public static class PrepPlanner
{
    /// <summary>Plans, and tries what would solve what the plan cannot.</summary>
    public static PrepPlan Plan(PlanInput input)
    {
        var plan = Draw(input);
        return plan with { Conflicts = Remedies.For(input, plan) };
    }

    /// <summary>Plans, and leaves what cannot be solved as it is.</summary>
    public static PrepPlan Draw(PlanInput input) => new Planning(input).Draw();

    private sealed class Planning
    {
        // Amounts are read off a kitchen scale.
        private const double Step = 5;

        // More of one thing for one day, or within one plan, is a slip in what was typed, or wants another kitchen.
        private const int MostForADay = 12;
        private const int MostOfAThing = 60;

        private readonly PlanInput input;
        private readonly int days;
        private readonly Workshop workshop;
        private readonly Dictionary<Item, Demand> demands = [];
        private readonly List<PlannedBatch> batches = [];
        private readonly List<ScheduledJob> placed = [];
        private readonly List<Conflict> conflicts = [];

        public Planning(PlanInput input)
        {
            (this.input, days) = (input, input.Clock.Days);
            workshop = WorkshopOf(input);
        }

        public PrepPlan Draw()
        {
            Drinks();
            foreach (var level in Levels())
            {
                Fit([.. level.SelectMany(Size)]);
            }

            var (litres, waste, wasteCost) = Fridge();
            Check(litres);
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
                input.Expected.Sum(cups => cups.Mean)
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

        private void Drinks()
        {
            foreach (var day in Enumerable.Range(0, days))
            {
                var (date, share) = (input.Clock.DayAt(day), input.ShareOf(day));
                var cups = input.Expected.Where(each => each.Day == date && each.Mean > 0).ToList();
                if (cups.Count > 0 && input.Prep.HoursOn(date).Opens is null)
                {
                    conflicts.Add(
                        new Conflict(
                            ConflictKind.Closed,
                            null,
                            date,
                            $"{cups.Sum(each => each.Mean):0} cups are expected on {PlanWords.Day(date)}, when the house is closed.",
                            []
                        )
                    );
                }

                foreach (var each in cups)
                {
                    if (!input.Needs.TryGetValue(each.What, out var need))
                    {
                        var name = input.Drinks.GetValueOrDefault(each.What.Build, "A drink");
                        Once(
                            new Conflict(
                                ConflictKind.Unknown,
                                each.What.Build,
                                date,
                                $"{name} is expected and has no standard in that cup at that station: it is not counted in.",
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

        private IEnumerable<Wanted> Size(PrepItem item)
        {
            var pantry = new Pantry();
            foreach (var lot in input.Stock.Where(lot => lot.Item == item.Item))
            {
                pantry.Add(lot.Left, 0, lot.UseBy is { } day ? input.Clock.IndexOf(day) : days);
            }

            var making = input.Prep.Makings.GetValueOrDefault(item.Item.Id);
            foreach (var begun in input.Set.Where(set => set.IsBegun && set.Item == item.Item))
            {
                var ready = begun.Begin + (making?.Work ?? 0) + (making?.Wait ?? 0);
                var (from, to) = (input.Clock.DayOf(Math.Max(0, ready)), LastDay(item, begun.Begin));
                pantry.Add(begun.Grams, from, to);
                yield return new Wanted(
                    item,
                    begun.Key,
                    begun.Grams,
                    from,
                    Math.Min(to, days - 1),
                    new Job(
                        begun.Key,
                        making?.Work ?? 0,
                        making?.Wait ?? 0,
                        begun.Begin,
                        ready,
                        making?.WorkOn ?? [],
                        making?.WaitOn,
                        begun.Begin
                    ),
                    true
                );
            }

            if (!demands.TryGetValue(item.Item, out var demand))
            {
                yield break;
            }

            var made = 0;
            for (var window = 0; window < days; )
            {
                var lacking = Lacking(pantry, demand, window);
                var first = Array.FindIndex(lacking, amount => amount > 1e-6);
                if (first < 0)
                {
                    yield break;
                }

                if (making is null)
                {
                    conflicts.Add(
                        new Conflict(
                            ConflictKind.NoBatch,
                            item.Item.ToString(),
                            input.Clock.DayAt(first),
                            $"{PlanWords.Mass(lacking.Sum())} of {item.Name} are needed from {PlanWords.Day(input.Clock.DayAt(first))} on, and it is not said in what batches it is made.",
                            ["Say how it is made under How we prepare"]
                        )
                    );
                    yield break;
                }

                var due = Math.Max(input.Now, demand.DueOn(first, Opening(first)));
                var alone = new Bookings(workshop).Latest(
                    new Job("", making.Work, making.Wait, 0, due, making.WorkOn, making.WaitOn),
                    input.Now
                );
                var keepsTo = Math.Max(first, Math.Min(days - 1, LastDay(item, alone ?? input.Now)));
                var last = first;
                while (last < keepsTo && lacking[first..(last + 2)].Sum() <= making.Batch)
                {
                    last++;
                }

                var wanted = lacking[first..(last + 1)].Sum();
                var count = Math.Max(1, (int)Math.Ceiling((wanted / making.Batch) - 1e-9));
                if (count > MostForADay || (made += count) > MostOfAThing)
                {
                    conflicts.Add(
                        new Conflict(
                            ConflictKind.NoRoom,
                            item.Item.ToString(),
                            input.Clock.DayAt(first),
                            $"{PlanWords.Mass(wanted)} of {item.Name} are needed on {PlanWords.Day(input.Clock.DayAt(first))}: batches of {PlanWords.Mass(making.Batch)} are too small for that, and from then on none are planned.",
                            []
                        )
                    );
                    yield break;
                }

                var grams = Math.Min(
                    making.Batch,
                    Math.Max(making.Least, Math.Ceiling((wanted / count / Step) - 1e-9) * Step)
                );
                var earliest = item.Keeps is { } keeps
                    ? input.Clock.StartOf(Math.Max(0, Math.Min(days - 1, last) - Math.Max(1, keeps) + 1))
                    : default(int?);
                foreach (var key in KeysOf(item, first).Take(count).ToList())
                {
                    var set = input.Set.FirstOrDefault(each => each.Key == key);
                    // Begun earlier than it might be it is over earlier: only on what it is for can be counted.
                    pantry.Add(item.Keeps is null ? grams : wanted / count, first, item.Keeps is null ? days : last);
                    yield return new Wanted(
                        item,
                        key,
                        grams,
                        first,
                        last,
                        new Job(
                            key,
                            making.Work,
                            making.Wait,
                            earliest ?? int.MinValue / 2,
                            due,
                            making.WorkOn,
                            making.WaitOn,
                            set?.Begin,
                            input.Clock.StartOf(Math.Min(days, last + 1))
                        ),
                        false
                    )
                    {
                        Earliest = earliest,
                        Latest = alone,
                    };
                }

                Consume(pantry, demand, window, last);
                window = last + 1;
            }
        }

        // Numbered from 1; what has been begun or made has its name for good.
        private IEnumerable<string> KeysOf(PrepItem item, int day)
        {
            var date = input.Clock.DayAt(day).ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture);
            return Enumerable
                .Range(1, int.MaxValue)
                .Select(number => $"{item.Item.Id}@{date}-{number}")
                .Where(key => !input.Done.Contains(key) && !input.Set.Any(set => set.IsBegun && set.Key == key));
        }

        private double[] Lacking(Pantry pantry, Demand demand, int window)
        {
            var (trial, lacking, before) = (pantry.Copy(), new double[days], 0.0);
            for (var day = window; day < days; day++)
            {
                var lasting = Math.Max(before, demand.Lasting(window, day, input.Prep.Lasts));
                lacking[day] = trial.Use(day, lasting - before);
                before = lasting;
            }

            return lacking;
        }

        private void Consume(Pantry pantry, Demand demand, int from, int to)
        {
            var before = 0.0;
            for (var day = from; day <= to; day++)
            {
                var lasting = Math.Max(before, demand.Lasting(from, day, input.Prep.Lasts));
                pantry.Use(day, lasting - before);
                before = lasting;
            }
        }

        private int LastDay(PrepItem item, int begin) =>
            item.Keeps is { } keeps
                ? input.Clock.IndexOf(
                    DateMarking.LastDay(
                        begin < 0
                            ? input.Clock.First.AddDays((int)Math.Floor(begin / 1440.0))
                            : input.Clock.DayAt(input.Clock.DayOf(begin)),
                        keeps
                    )
                )
                : days;

        private void Fit(IReadOnlyList<Wanted> wanted)
        {
            if (wanted.Count == 0)
            {
                return;
            }

            var fitted = Scheduler.Fit([.. wanted.Select(each => each.Job)], workshop, placed);
            Lacks(wanted.Zip(fitted).Where(pair => !pair.First.IsBegun && pair.Second.Late > 0));
            foreach (var (each, place) in wanted.Zip(fitted))
            {
                Tell(each, place, fitted);
                var of = each.Item.Of.Select(inner => (inner.Item, Grams: inner.Share * each.Grams)).ToList();
                batches.Add(
                    new PlannedBatch(
                        each.Key,
                        each.Item.Item,
                        each.Item.Name,
                        each.Grams,
                        place.Begin,
                        each.Job.Work,
                        each.Job.Wait,
                        each.Job.Due,
                        each.Earliest,
                        each.Latest,
                        input.Clock.DayAt(each.From),
                        input.Clock.DayAt(each.To),
                        place.Begin is { } begun && each.Item.Keeps is not null
                            ? input.Clock.DayAt(0).AddDays(LastDay(each.Item, begun))
                            : null,
                        each.Job.FixedAt is not null,
                        each.IsBegun,
                        of
                    )
                );
                if (!each.IsBegun)
                {
                    var begin = Math.Max(place.Begin ?? each.Job.Due, 0);
                    of.ForEach(inner => DemandOf(inner.Item).Add(input.Clock.DayOf(begin), inner.Grams, begin));
                }
            }

            placed.AddRange(fitted);
        }

        // What is too late of one thing on one day is told once, however many batches it is.
        private void Lacks(IEnumerable<(Wanted Wanted, ScheduledJob Place)> late)
        {
            foreach (
                var group in late.GroupBy(pair =>
                    (pair.Wanted.Item.Item, pair.Wanted.From, IsMade: pair.Place.Begin is not null)
                )
            )
            {
                var (first, name) = (group.First().Wanted, group.First().Wanted.Item.Name);
                var (mass, due) = (
                    PlanWords.Mass(group.Sum(pair => pair.Wanted.Grams)),
                    PlanWords.Moment(input.Clock, group.Min(pair => pair.Wanted.Job.Due))
                );
                conflicts.Add(
                    group.Key.IsMade
                        ? new Conflict(
                            ConflictKind.Late,
                            first.Key,
                            input.Clock.DayAt(first.From),
                            $"{mass} of {name} are needed on {due} and cannot all be ready before {PlanWords.Moment(input.Clock, group.Max(pair => pair.Place.Ready!.Value))}.",
                            []
                        )
                        : new Conflict(
                            ConflictKind.NoRoom,
                            first.Key,
                            input.Clock.DayAt(first.From),
                            $"There is no time left to make {mass} of {name}, needed on {due}.",
                            []
                        )
                );
            }
        }

        private void Tell(Wanted wanted, ScheduledJob place, IReadOnlyList<ScheduledJob> fitted)
        {
            var (name, job) = (wanted.Item.Name, place.Job);
            var day = input.Clock.DayAt(wanted.From);
            if (place.Begin is not { } begin)
            {
                return;
            }

            if (LastDay(wanted.Item, begin) < wanted.To)
            {
                conflicts.Add(
                    new Conflict(
                        ConflictKind.OverDate,
                        wanted.Key,
                        day,
                        $"{name} begun on {PlanWords.Moment(input.Clock, begin)} may not be used after {PlanWords.Day(input.Clock.DayAt(0).AddDays(LastDay(wanted.Item, begin)))}, and is to last until {PlanWords.Day(input.Clock.DayAt(wanted.To))}.",
                        []
                    )
                );
            }

            if (job.FixedAt is not null && !wanted.IsBegun)
            {
                var others = new Bookings(workshop);
                foreach (
                    var other in fitted
                        .Concat(placed)
                        .Where(other =>
                            other.Begin is not null && other.Job.FixedAt is not null && other.Job.Key != job.Key
                        )
                )
                {
                    others.Add(other.Job, other.Begin!.Value);
                }

                foreach (var busy in others.Overbooked(job, begin).Distinct())
                {
                    var what = input.Prep.Equipment.FirstOrDefault(each => each.Id == busy)?.Name;
                    conflicts.Add(
                        new Conflict(
                            ConflictKind.Busy,
                            wanted.Key,
                            day,
                            what is null
                                ? $"{name} was moved to {PlanWords.Moment(input.Clock, begin)}, when nobody has hands for it."
                                : $"{name} was moved to {PlanWords.Moment(input.Clock, begin)}, when {what} is busy.",
                            ["Move it, or let the plan choose the time"]
                        )
                    );
                }
            }
        }

        // What is expected to stand there and to go over date, by the average.
        private (double[] Litres, double Waste, double Cost) Fridge()
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
                        item.IsChilled && item.GramsPerMl is { } density ? pantry.At(day) / density / 1000 : 0;
                    pantry.Use(day, demands.GetValueOrDefault(item.Item)?.Mean(day) ?? 0);
                    var over = pantry.OverAfter(day);
                    waste += over;
                    cost += over * (item.Price ?? 0);
                }
            }

            return (litres, waste, cost);
        }

        private void Check(double[] litres)
        {
            if (
                input.Prep.FridgeLitres is { } holds
                && Array.FindIndex(litres, each => each > holds + 1e-9) is var day and >= 0
            )
            {
                conflicts.Add(
                    new Conflict(
                        ConflictKind.Fridge,
                        null,
                        input.Clock.DayAt(day),
                        $"{litres[day]:0.#} l are to stand in the fridge on {PlanWords.Day(input.Clock.DayAt(day))}; it holds {holds:0.#} l.",
                        []
                    )
                );
            }
        }

        private ItemNeed Need(Item item, Demand demand) =>
            new(
                item,
                input.Catalogue.GetValueOrDefault(item)?.Name ?? item.Id,
                input.Catalogue.GetValueOrDefault(item)?.IsMade ?? false,
                Enumerable.Range(0, days).Sum(demand.Mean),
                demand.Lasting(0, days - 1, input.Prep.Lasts),
                input.Stock.Where(lot => lot.Item == item && lot.IsGoodOn(input.Clock.First)).Sum(lot => lot.Left),
                [.. Enumerable.Range(0, days).Select(day => demand.Lasting(day, day, input.Prep.Lasts))]
            );

        private int Opening(int day) => input.Clock.At(day, input.Prep.HoursOn(input.Clock.DayAt(day)).Opens ?? 0);

        private Demand DemandOf(Item item)
        {
            if (!demands.TryGetValue(item, out var demand))
            {
                demands[item] = demand = new Demand(days);
            }

            return demand;
        }

        private void Once(Conflict conflict)
        {
            if (!conflicts.Any(known => known.Kind == conflict.Kind && known.About == conflict.About))
            {
                conflicts.Add(conflict);
            }
        }

        private static Workshop WorkshopOf(PlanInput input)
        {
            var clock = input.Clock;
            var shifts = Enumerable
                .Range(0, clock.Days)
                .Select(day => (Day: day, Hours: input.Prep.HoursOn(clock.DayAt(day))))
                .Where(each => each.Hours is { WorkFrom: not null, WorkTo: not null })
                .Select(each => new Shift(
                    clock.At(each.Day, each.Hours.WorkFrom!.Value),
                    clock.At(each.Day, Math.Min(each.Hours.WorkTo!.Value, (24 * 60) - 1)),
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

        private sealed record Wanted(PrepItem Item, string Key, double Grams, int From, int To, Job Job, bool IsBegun)
        {
            public int? Earliest { get; init; }

            public int? Latest { get; init; }
        }
    }
}
