using CsCheck;
using Krasis.Core.Planning.Scheduling;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Planning;

/// <summary>The schedule against every beginning that there is, on small cases.</summary>
public class SchedulerTests
{
    private const int Slot = 30;
    private const int Slots = 24;

    private static readonly Gen<Job[]> Jobs = Gen.Select(
            Gen.Int[1, 3],
            Gen.Int[0, 4],
            Gen.Int[8, Slots],
            Gen.Int[0, 3],
            Gen.Int[0, 3]
        )
        .Select(each => new Job(
            "",
            each.Item1 * Slot,
            each.Item2 * Slot,
            0,
            each.Item3 * Slot,
            each.Item4 == 0 ? ["hob"] : [],
            each.Item5 == 0 && each.Item2 > 0 ? "tray" : null
        ))
        .Array[2, 4]
        .Select(jobs => jobs.Select((job, i) => job with { Key = $"{i}" }).ToArray());

    private static readonly Gen<Workshop> Workshops = Gen.Select(Gen.Int[0, 2], Gen.Int[1, 2], Gen.Int[1, 2])
        .Select(
            (from, people, trays) =>
                new Workshop(
                    [new WorkShift(from * Slot, 10 * Slot, people), new WorkShift(13 * Slot, Slots * Slot, people)],
                    new Dictionary<string, int> { ["hob"] = 1, ["tray"] = trays },
                    from * Slot,
                    Slots * Slot * 2
                )
        );

    [Fact]
    public void In_200_small_cases_it_is_never_infeasible_and_never_later_than_the_best_by_a_tenth()
    {
        var inTime = 0;
        Gen.Select(Jobs, Workshops)
            .Seeded()
            .Sample(
                (jobs, workshop) =>
                {
                    foreach (
                        var plan in new[]
                        {
                            Scheduler.ScheduleAll(jobs, workshop),
                            Scheduler.Search(jobs, workshop, []),
                        }
                    )
                    {
                        Assert.True(IsFeasible(plan, workshop), Say(plan, workshop));
                        var best = Best(jobs, workshop);
                        if (best is not { } latest)
                        {
                            // Nothing can be in time for all of them.
                            Assert.Contains(plan, placed => placed.Late > 0);
                            continue;
                        }

                        inTime++;
                        Assert.True(plan.All(placed => placed.Late == 0), $"{latest}: {Say(plan, workshop)}");
                        var (end, first) = (jobs.Max(job => job.Due), plan.Min(placed => placed.Begin!.Value));
                        Assert.True(end - first <= (end - latest) * 1.1, $"{latest}: {Say(plan, workshop)}");
                    }
                },
                iter: 200,
                threads: 1
            );
        Assert.InRange(inTime, 100, 399);
    }

    [Fact]
    public void Many_batches_are_fitted_in_without_anybody_or_anything_being_busy_twice() =>
        Gen.Select(Jobs.Array[3, 8], Workshops)
            .Seeded()
            .Sample(
                (groups, workshop) =>
                {
                    var jobs = groups
                        .SelectMany((group, i) => group.Select(job => job with { Key = $"{i}.{job.Key}" }))
                        .ToList();
                    Assert.True(IsFeasible(Scheduler.ScheduleAll(jobs, workshop), workshop));
                },
                iter: 60,
                threads: 1
            );

    [Fact]
    public void What_somebody_moved_stays_where_it_is_and_the_others_make_room()
    {
        var workshop = new Workshop([new WorkShift(0, 600, 1)], new Dictionary<string, int>(), 0, 1440);
        var plan = Scheduler.ScheduleAll(
            [new Job("free", 60, 0, 0, 600, [], null), new Job("moved", 60, 0, 0, 600, [], null, 540)],
            workshop
        );
        Assert.Equal(540, plan[1].Begin);
        Assert.Equal(480, plan[0].Begin);
    }

    [Theory]
    [InlineData(60, 0)]
    [InlineData(59, 1)]
    public void What_cannot_be_ready_in_time_is_begun_as_soon_as_it_can_be(int due, int late)
    {
        var workshop = new Workshop([new WorkShift(0, 600, 1)], new Dictionary<string, int>(), 0, 1440);
        Assert.Equal(late, Scheduler.ScheduleAll([new Job("a", 60, 0, 0, due, [], null)], workshop)[0].Late);
    }

    [Fact]
    public void Without_the_equipment_nothing_is_begun() =>
        Assert.Null(
            Scheduler
                .ScheduleAll(
                    [new Job("a", 60, 0, 0, 500, ["blender"], null)],
                    new Workshop([new WorkShift(0, 600, 1)], new Dictionary<string, int> { ["blender"] = 0 }, 0, 1440)
                )[0]
                .Begin
        );

    // The latest that the first of them can be begun if all are to be in time, by trying every beginning; null when
    // they cannot be.
    private static int? Best(Job[] jobs, Workshop workshop)
    {
        int? best = null;
        Try(0, [], int.MaxValue);
        return best;

        void Try(int i, List<ScheduledJob> plan, int first)
        {
            if (best is { } known && first <= known)
            {
                return;
            }

            if (i == jobs.Length)
            {
                best = first;
                return;
            }

            for (var begin = jobs[i].Due - jobs[i].Length; begin >= workshop.Now; begin -= Slot)
            {
                var more = new List<ScheduledJob>(plan) { new(jobs[i], begin) };
                if (IsFeasible(more, workshop))
                {
                    Try(i + 1, more, Math.Min(first, begin));
                }
            }
        }
    }

    // Slot by slot: who works and what is busy.
    private static bool IsFeasible(IReadOnlyList<ScheduledJob> plan, Workshop workshop)
    {
        for (var at = 0; at < workshop.End; at += Slot)
        {
            var working = plan.Where(placed => placed.Begin <= at && at < placed.Begin + placed.Job.Work).ToList();
            var standing = plan.Where(placed => placed.Begin + placed.Job.Work <= at && at < placed.Ready).ToList();
            var people = workshop
                .Shifts.Where(shift => shift.From <= at && at < shift.To)
                .Select(shift => shift.People)
                .FirstOrDefault();
            if (
                working.Count > people
                || working.Any(placed =>
                    !workshop.Shifts.Any(shift =>
                        shift.From <= placed.Begin && placed.Begin + placed.Job.Work <= shift.To
                    )
                )
                || workshop.Equipment.Any(each =>
                    working.Count(placed => placed.Job.WorkOn.Contains(each.Key))
                        + standing.Count(placed => placed.Job.WaitOn == each.Key)
                    > each.Value
                )
            )
            {
                return false;
            }
        }

        return plan.All(placed => placed.Begin is null || placed.Begin >= workshop.Now);
    }

    private static string Say(IReadOnlyList<ScheduledJob> plan, Workshop workshop) =>
        $"{string.Join("; ", plan.Select(placed => $"{placed.Job.Key}: {placed.Begin} +{placed.Job.Work}+{placed.Job.Wait} due {placed.Job.Due} on {string.Join(",", placed.Job.WorkOn)}/{placed.Job.WaitOn}"))} in {workshop.Shifts[0]} {workshop.Equipment["tray"]}";
}
