namespace Krasis.Core.Planning.Scheduling;

/// <summary>Fits batches into the days.</summary>
/// <remarks>A list schedule, backwards: in an order of precedence each batch is begun as late as hands and equipment
/// let it be ready in time, so that what is used is fresh. What cannot be ready in time is begun as soon as it can be.
/// Several orders are tried, and then exchanges within the best; of few batches every order there is, which finds the
/// best that there is of such schedules. The best is the least late, then the one that is begun the latest.</remarks>
public static class Scheduler
{
    /// <summary>Of so many batches every order is tried.</summary>
    public const int MostExact = 6;

    private const int Exchanges = 120;
    private const int ManyJobs = 40;
    private const int HugePlan = 150;

    private static readonly Comparison<Job>[] Rules =
    [
        (a, b) => (b.Due - b.Length).CompareTo(a.Due - a.Length),
        (a, b) => b.Due.CompareTo(a.Due),
        (a, b) => b.Length.CompareTo(a.Length),
        (a, b) => b.Work.CompareTo(a.Work),
        (a, b) => b.Earliest.CompareTo(a.Earliest),
    ];

    /// <summary>Fits the batches in.</summary>
    /// <param name="jobs">The batches.</param>
    /// <param name="workshop">When there are hands, and what can be busy.</param>
    /// <param name="before">What has its time already.</param>
    /// <returns>The batches with their times, in the order given.</returns>
    public static IReadOnlyList<ScheduledJob> ScheduleAll(
        IReadOnlyList<Job> jobs,
        Workshop workshop,
        IReadOnlyList<ScheduledJob>? before = null
    ) =>
        jobs.Count(job => job.FixedAt is null) <= MostExact
            ? Exact(jobs, workshop, before ?? [])
            : Search(jobs, workshop, before ?? []);

    /// <summary>By rules and exchanges, however few there are.</summary>
    internal static IReadOnlyList<ScheduledJob> Search(
        IReadOnlyList<Job> jobs,
        Workshop workshop,
        IReadOnlyList<ScheduledJob> before
    )
    {
        var places = Enumerable.Range(0, jobs.Count).ToArray();
        Candidate? best = null;
        foreach (var rule in jobs.Count > HugePlan ? Rules.Take(1) : Rules)
        {
            // Equals in the order given: the same plan every time.
            Consider([
                .. places.Order(
                    Comparer<int>.Create((a, b) => rule(jobs[a], jobs[b]) is var by and not 0 ? by : a.CompareTo(b))
                ),
            ]);
        }

        // Many batches spread over many days seldom get into one another's way, and what is all in time needs no more
        // trying.
        var tries =
            jobs.Count <= ManyJobs ? Exchanges
            : best!.Cost.Late > 0 && jobs.Count <= HugePlan ? Exchanges / 8
            : 0;
        for (var i = 0; i < tries && jobs.Count > 1; i++)
        {
            var order = (int[])best!.Order.Clone();
            var (one, other) = (i % order.Length, (i + 1 + (i / order.Length)) % order.Length);
            (order[one], order[other]) = (order[other], order[one]);
            Consider(order);
        }

        return best!.Plan;

        void Consider(int[] order)
        {
            var candidate = Place(jobs, order, workshop, before);
            best = best is null || candidate.Cost.CompareTo(best.Cost) < 0 ? candidate : best;
        }
    }

    /// <summary>Every order there is.</summary>
    internal static IReadOnlyList<ScheduledJob> Exact(
        IReadOnlyList<Job> jobs,
        Workshop workshop,
        IReadOnlyList<ScheduledJob> before
    )
    {
        Candidate? best = null;
        Permute(
            [.. Enumerable.Range(0, jobs.Count).OrderBy(i => jobs[i].FixedAt is null ? 1 : 0)],
            jobs.Count(job => job.FixedAt is not null)
        );
        return best!.Plan;

        void Permute(int[] order, int from)
        {
            if (from >= order.Length - 1)
            {
                var candidate = Place(jobs, order, workshop, before);
                best = best is null || candidate.Cost.CompareTo(best.Cost) < 0 ? candidate : best;
                return;
            }

            for (var i = from; i < order.Length; i++)
            {
                (order[from], order[i]) = (order[i], order[from]);
                Permute((int[])order.Clone(), from + 1);
                (order[from], order[i]) = (order[i], order[from]);
            }
        }
    }

    private static Candidate Place(
        IReadOnlyList<Job> jobs,
        int[] order,
        Workshop workshop,
        IReadOnlyList<ScheduledJob> before
    )
    {
        var bookings = new Bookings(workshop);
        var plan = new ScheduledJob[jobs.Count];
        foreach (var placed in before)
        {
            if (placed.Begin is { } begin)
            {
                bookings.Add(placed.Job, begin);
            }
        }

        foreach (var i in order.Where(i => jobs[i].FixedAt is not null))
        {
            bookings.Add(jobs[i], jobs[i].FixedAt!.Value);
            plan[i] = new ScheduledJob(jobs[i], jobs[i].FixedAt);
        }

        // What finds no room in time waits until all others have theirs: being late, it is not to make others late.
        var late = new List<int>();
        foreach (var i in order.Where(i => jobs[i].FixedAt is null))
        {
            var begin = bookings.Latest(jobs[i], Math.Max(workshop.Now, jobs[i].Earliest));
            plan[i] = new ScheduledJob(jobs[i], begin);
            if (begin is { } at)
            {
                bookings.Add(jobs[i], at);
            }
            else
            {
                late.Add(i);
            }
        }

        foreach (var i in late)
        {
            var begin = bookings.Soonest(jobs[i], Math.Max(workshop.Now, jobs[i].Earliest));
            plan[i] = new ScheduledJob(jobs[i], begin);
            if (begin is { } at)
            {
                bookings.Add(jobs[i], at);
            }
        }

        var free = plan.Where(placed => placed.Job.FixedAt is null).ToList();
        return new Candidate(
            order,
            plan,
            (
                free.Sum(placed => (long)placed.Late),
                -free.Where(placed => placed.Begin is not null)
                    .Select(placed => placed.Begin!.Value)
                    .DefaultIfEmpty(0)
                    .Min(),
                -free.Sum(placed => (long)(placed.Begin ?? 0))
            )
        );
    }

    private sealed record Candidate(int[] Order, ScheduledJob[] Plan, (long Late, int First, long All) Cost);
}
