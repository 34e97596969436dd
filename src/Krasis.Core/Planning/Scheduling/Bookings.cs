namespace Krasis.Core.Planning.Scheduling;

/// <summary>Who and what is busy when.</summary>
internal sealed class Bookings(Workshop workshop)
{
    // Hands are kept as a kind of equipment that no house has entered.
    private const string Hands = "";

    private readonly Dictionary<string, List<(int From, int To)>> busy = [];

    /// <summary>Books a job.</summary>
    public void Add(Job job, int begin)
    {
        foreach (var (what, from, to) in Uses(job, begin))
        {
            if (!busy.TryGetValue(what, out var list))
            {
                busy[what] = list = [];
            }

            list.Add((from, to));
        }
    }

    /// <summary>The latest beginning in time for a job, not before <paramref name="from"/>; null when there is
    /// none.</summary>
    public int? Latest(Job job, int from)
    {
        if (LacksEquipment(job))
        {
            return null;
        }

        var uses = Uses(job, 0).ToArray();
        var begin = job.Due - job.Length;
        while (begin >= from)
        {
            var next = Earlier(job, uses, begin);
            if (next == begin)
            {
                return begin;
            }

            begin = next;
        }

        return null;
    }

    /// <summary>The soonest beginning from a moment on; null when the plan ends before.</summary>
    public int? Soonest(Job job, int from)
    {
        if (LacksEquipment(job))
        {
            return null;
        }

        var uses = Uses(job, 0).ToArray();
        var begin = from;
        while (begin + job.Work <= workshop.End && begin <= job.UsefulUntil - job.Length)
        {
            var next = Later(job, uses, begin);
            if (next == begin)
            {
                return begin;
            }

            begin = next;
        }

        return null;
    }

    /// <summary>What is more than busy if a job is begun then, by name, the hands as nothing; empty when all is well.
    /// Working outside the hours is the hands' too.</summary>
    public IEnumerable<string> Overbooked(Job job, int begin)
    {
        if (job.Work > 0 && ShiftOf(begin, begin + job.Work) is null)
        {
            yield return Hands;
        }

        foreach (var (what, from, to) in Uses(job, begin))
        {
            if (Clash(what, from, to) is not null)
            {
                yield return what;
            }
        }
    }

    // What it uses is told for a beginning at 0.
    private int Earlier(Job job, (string What, int From, int To)[] uses, int begin)
    {
        if (job.Work > 0 && ShiftOf(begin, begin + job.Work) is null)
        {
            var shift = workshop.Shifts.LastOrDefault(each => each.From <= begin && each.To - each.From >= job.Work);
            return shift is null ? int.MinValue : Math.Min(shift.To - job.Work, begin);
        }

        foreach (var (what, from, to) in uses)
        {
            if (Clash(what, begin + from, begin + to) is { } clash)
            {
                return clash.Latest - to;
            }
        }

        return begin;
    }

    private int Later(Job job, (string What, int From, int To)[] uses, int begin)
    {
        if (job.Work > 0 && ShiftOf(begin, begin + job.Work) is null)
        {
            var shift = workshop.Shifts.FirstOrDefault(each => each.From > begin && each.To - each.From >= job.Work);
            return shift?.From ?? int.MaxValue / 2;
        }

        foreach (var (what, from, to) in uses)
        {
            if (Clash(what, begin + from, begin + to) is { } clash)
            {
                return clash.Soonest - from;
            }
        }

        return begin;
    }

    private bool LacksEquipment(Job job) =>
        Uses(job, 0).Any(use => use.What != Hands && workshop.Equipment.GetValueOrDefault(use.What) == 0);

    private WorkShift? ShiftOf(int from, int to)
    {
        foreach (var shift in workshop.Shifts)
        {
            if (shift.From <= from && to <= shift.To)
            {
                return shift;
            }
        }

        return null;
    }

    private static IEnumerable<(string What, int From, int To)> Uses(Job job, int begin)
    {
        var ends = begin + job.Work;
        if (job.Work > 0)
        {
            yield return (Hands, begin, ends);
            foreach (var what in job.WorkOn)
            {
                // What it stands in as well is busy throughout, and booked once.
                yield return (what, begin, what == job.WaitOn ? ends + job.Wait : ends);
            }
        }

        if (job.WaitOn is { } stands && job.Wait > 0 && !(job.Work > 0 && job.WorkOn.Contains(stands)))
        {
            yield return (stands, ends, ends + job.Wait);
        }
    }

    // Where more would be busy than there is: the latest that one of those has to be done with, and the soonest that
    // one is free.
    private (int Latest, int Soonest)? Clash(string what, int from, int to)
    {
        if (!busy.TryGetValue(what, out var list))
        {
            return null;
        }

        // Asked a hundred thousand times for one plan: nothing is put on the heap.
        (int Latest, int Soonest)? found = null;
        foreach (var near in list)
        {
            if (near.From >= to || from >= near.To)
            {
                continue;
            }

            var at = Math.Max(near.From, from);
            var (count, latest, soonest) = (0, int.MinValue, int.MaxValue);
            foreach (var then in list)
            {
                if (then.From <= at && at < then.To)
                {
                    count++;
                    latest = Math.Max(latest, then.From);
                    soonest = Math.Min(soonest, then.To);
                }
            }

            if (count >= CountOf(what, at))
            {
                found = found is { } was
                    ? (Math.Min(was.Latest, latest), Math.Max(was.Soonest, soonest))
                    : (latest, soonest);
            }
        }

        return found;
    }

    private int CountOf(string what, int at) =>
        what == Hands
            ? workshop.Shifts.FirstOrDefault(shift => shift.From <= at && at < shift.To)?.People ?? 1
            : workshop.Equipment.GetValueOrDefault(what);
}
