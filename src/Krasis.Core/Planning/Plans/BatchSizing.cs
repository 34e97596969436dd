using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Planning.Preparing;
using Krasis.Core.Planning.Scheduling;

namespace Krasis.Core.Planning.Plans;

/// <summary>Divides what is needed of something into batches: how large each is, and for which days.</summary>
/// <param name="input">What the plan is made of.</param>
/// <param name="workshop">Hands and equipment.</param>
/// <param name="conflicts">Where what cannot be solved is told.</param>
internal sealed class BatchSizing(PlanInput input, Workshop workshop, List<Conflict> conflicts)
{
    // Amounts are read off a kitchen scale.
    private const double Step = 5;

    // More of one thing for one day, or within one plan, is a slip in what was typed, or wants another kitchen.
    private const int MostForADay = 12;
    private const int MostOfAThing = 60;

    private readonly int days = input.Clock.Days;

    /// <summary>The batches of one thing: those that are begun, and those that are still wanted.</summary>
    /// <param name="item">The thing.</param>
    /// <param name="demand">How much of it is needed and when; null if none is.</param>
    public IEnumerable<WantedBatch> Of(PrepItem item, Demand? demand)
    {
        var pantry = new Pantry();
        foreach (var lot in input.Stock.Where(lot => lot.Item == item.Item))
        {
            pantry.Add(lot.Left, 0, lot.UseBy is { } day ? input.Clock.IndexOf(day) : days);
        }

        var making = input.Prep.Makings.GetValueOrDefault(item.Item.Id);
        foreach (var set in input.Set.Where(set => set.IsBegun && set.Item == item.Item))
        {
            var batch = Begun(item, set, making);
            pantry.Add(batch.Grams, batch.From, LastDay(item, set.Begin));
            yield return batch;
        }

        if (demand is null)
        {
            yield break;
        }

        foreach (var batch in Wanted(item, demand, pantry, making))
        {
            yield return batch;
        }
    }

    private WantedBatch Begun(PrepItem item, SetBatch set, MakingRule? making)
    {
        var ready = set.Begin + (making?.Work ?? 0) + (making?.Wait ?? 0);
        return new WantedBatch(
            item,
            set.Key,
            set.Grams,
            input.Clock.DayOf(Math.Max(0, ready)),
            Math.Min(LastDay(item, set.Begin), days - 1),
            new Job(
                set.Key,
                making?.Work ?? 0,
                making?.Wait ?? 0,
                set.Begin,
                ready,
                making?.WorkOn ?? [],
                making?.WaitOn,
                set.Begin
            ),
            true
        );
    }

    // Starting with the first day that lacks some, each batch covers as many days as it keeps for and is large enough for.
    private IEnumerable<WantedBatch> Wanted(PrepItem item, Demand demand, Pantry pantry, MakingRule? making)
    {
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
                conflicts.Add(Unsaid(item, lacking.Sum(), input.Clock.DayAt(first)));
                yield break;
            }

            var due = Math.Max(input.Now, demand.DueOn(first, Opening(first)));
            var alone = new Bookings(workshop).Latest(
                new Job("", making.Work, making.Wait, 0, due, making.WorkOn, making.WaitOn),
                input.Now
            );
            var last = LastOfWindow(item, making, lacking, first, alone);
            var wanted = lacking[first..(last + 1)].Sum();
            var count = Math.Max(1, (int)Math.Ceiling((wanted / making.Batch) - 1e-9));
            if (count > MostForADay || (made += count) > MostOfAThing)
            {
                conflicts.Add(TooMany(item, wanted, input.Clock.DayAt(first), making));
                yield break;
            }

            // Full batches first: what is scarce, such as a bucket, holds as much as it can.
            var left = wanted;
            foreach (var key in KeysOf(item, first).Take(count).ToList())
            {
                var share = Math.Min(left, making.Batch);
                var grams = GramsOf(share, making);
                left -= share;

                // Begun earlier than it might be it is over earlier: only on what it is for can be counted.
                pantry.Add(item.Keeps is null ? grams : share, first, item.Keeps is null ? days : last);
                yield return New(item, key, grams, first, last, due, making, alone);
            }

            Consume(pantry, demand, window, last);
            window = last + 1;
        }
    }

    private WantedBatch New(
        PrepItem item,
        string key,
        double grams,
        int first,
        int last,
        int due,
        MakingRule making,
        int? alone
    )
    {
        var earliest = item.Keeps is { } keeps
            ? input.Clock.StartOf(Math.Max(0, Math.Min(days - 1, last) - Math.Max(1, keeps) + 1))
            : default(int?);
        var job = new Job(
            key,
            making.Work,
            making.Wait,
            earliest ?? int.MinValue / 2,
            due,
            making.WorkOn,
            making.WaitOn,
            input.Set.FirstOrDefault(each => each.Key == key)?.Begin,
            input.Clock.StartOf(Math.Min(days, last + 1))
        );
        return new WantedBatch(item, key, grams, first, last, job, false) { Earliest = earliest, Latest = alone };
    }

    // A batch is for as many days as it keeps and as it is large enough for.
    private int LastOfWindow(PrepItem item, MakingRule making, double[] lacking, int first, int? alone)
    {
        var keepsTo = Math.Max(first, Math.Min(days - 1, LastDay(item, alone ?? input.Now)));
        var last = first;
        while (last < keepsTo && lacking[first..(last + 2)].Sum() <= making.Batch)
        {
            last++;
        }

        return last;
    }

    private static double GramsOf(double wanted, MakingRule making) =>
        Math.Min(making.Batch, Math.Max(making.Least, Math.Ceiling((wanted / Step) - 1e-9) * Step));

    private static Conflict Unsaid(PrepItem item, double grams, DateOnly day) =>
        new(
            ConflictKind.NoBatch,
            item.Item.ToString(),
            day,
            $"You need {PlanWords.Mass(grams)} of {item.Name} from {PlanWords.Day(day)}, but it has no batch size.",
            ["Set its batch size under How we prepare"]
        );

    private static Conflict TooMany(PrepItem item, double grams, DateOnly day, MakingRule making) =>
        new(
            ConflictKind.NoRoom,
            item.Item.ToString(),
            day,
            $"You need {PlanWords.Mass(grams)} of {item.Name} on {PlanWords.Day(day)}. Batches of {PlanWords.Mass(making.Batch)} are too small for that, so none are planned from that day.",
            []
        );

    /// <summary>The last day on which a batch may be used, from 0; the end of the plan where it keeps.</summary>
    public int LastDay(PrepItem item, int begin) =>
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

    private int Opening(int day) => input.Clock.MinuteAt(day, input.Prep.HoursOn(input.Clock.DayAt(day)).Opens ?? 0);
}
