using CsCheck;
using Krasis.Core.Planning.Plans;
using Krasis.Core.Planning.Preparing;
using Krasis.Core.Planning.Stocking;
using Krasis.Core.Tests.Outside;
using static Krasis.Core.Tests.Planning.SmallHouse;

namespace Krasis.Core.Tests.Planning;

/// <summary>Small houses in which not everything can be ready in time: what goes short by the plan beside what would go
/// short if the same batches were begun at any other times. Every half hour of the working day is tried for each batch,
/// by a program of its own.</summary>
public class ShortTests
{
    private const int Grid = 30;

    private static readonly Gen<PlanInput> Late = Gen.Select(
            Gen.Int[20, 90],
            Gen.Int[6, 20],
            Gen.Int[1, 2],
            Gen.Int[7, 12],
            Gen.Int[0, 8],
            Gen.Int[1, 5]
        )
        .Select(
            (cups, batch, hobs, now, stock, wait) =>
                Given(
                    Prep with
                    {
                        Days = 2,
                        Equipment =
                        [
                            new EquipmentDocument
                            {
                                Id = "hob",
                                Name = "hob",
                                Count = hobs,
                            },
                        ],
                        Makings =
                        [
                            Prep.Makings![1]! with
                            {
                                BatchGrams = batch * 100,
                                LeastGrams = 100,
                                WaitMinutes = wait * 60,
                            },
                            Prep.Makings[0]!,
                        ],
                    },
                    now: (24 + now) * 60,
                    stock: [new Lot("syrup", Syrup, stock * 100, Thursday, null, null)],
                    cups: cups
                )
        )
        .Where(input => input.Now < input.Clock.End);

    [Fact]
    public void No_other_times_leave_less_short()
    {
        int plans = 0,
            shorts = 0;
        Late.Seeded()
            .Sample(
                each =>
                {
                    // Of the syrup alone, which wants the hob.
                    var input = each with
                    {
                        Needs = each.Needs.ToDictionary(
                            need => need.Key,
                            IReadOnlyDictionary<Core.Planning.Needing.Item, double> (_) =>
                                new Dictionary<Core.Planning.Needing.Item, double> { [Syrup] = 20 }
                        ),
                    };
                    var batches = PrepPlanner.Draw(input).Batches;
                    if (batches.Count is 0 or > 3 || batches.Any(batch => batch.Begin is null))
                    {
                        return;
                    }

                    plans++;
                    var planned = Short(input, batches, [.. batches.Select(batch => batch.Begin!.Value)]);
                    var least = Ways(input, batches).Min(begins => Short(input, batches, begins));
                    shorts += planned > 1 ? 1 : 0;
                    Assert.True(
                        planned <= least + 1e-6,
                        $"{planned:0} g short, {least:0} would do: {string.Join(", ", batches.Select(batch => $"{batch.Grams} g at {batch.Begin}"))}"
                    );
                },
                iter: Proof.Times(60)
            );
        Assert.True(shorts > 0);
        Proof.Tell($"{plans} plans of up to three batches, {shorts} of them short, none more than it has to be");
    }

    // Every way of beginning the batches at half hours at which there are hands and a hob for each.
    private static IEnumerable<int[]> Ways(PlanInput input, IReadOnlyList<PlannedBatch> batches)
    {
        int[] moments =
        [
            .. Enumerable
                .Range(0, input.Clock.End / Grid)
                .Select(half => half * Grid)
                .Append(input.Now)
                .Where(minute => minute >= input.Now),
        ];
        return Rest([]);

        IEnumerable<int[]> Rest(int[] begins) =>
            begins.Length == batches.Count
                ? [begins]
                : moments
                    .Where(moment => Fits(input, batches, begins, moment))
                    .SelectMany(moment => Rest([.. begins, moment]));
    }

    private static bool Fits(PlanInput input, IReadOnlyList<PlannedBatch> batches, int[] begins, int moment)
    {
        var batch = batches[begins.Length];
        var (day, wall) = input.Clock.WallOf(moment);
        var hours = input.Prep.HoursOn(day);
        if (wall < hours.WorkFrom || wall + batch.Work > hours.WorkTo)
        {
            return false;
        }

        var others = begins
            .Index()
            .Where(each => each.Item < moment + batch.Work && moment < each.Item + batches[each.Index].Work)
            .Count();
        return others < Math.Min(hours.People, input.Prep.Equipment.Single().Count);
    }

    // Cups are poured evenly over the opening hours; what is not there when it is wanted goes short for good.
    private static double Short(PlanInput input, IReadOnlyList<PlannedBatch> batches, int[] begins)
    {
        var (there, lacking) = (input.Stock.Sum(lot => lot.Left), 0.0);
        for (var minute = input.Now; minute < input.Clock.End; minute++)
        {
            for (var i = 0; i < batches.Count; i++)
            {
                there += begins[i] + batches[i].Work + batches[i].Wait == minute ? batches[i].Grams : 0;
            }

            var (day, wall) = input.Clock.WallOf(minute);
            var hours = input.Prep.HoursOn(day);
            if (wall < hours.Opens || wall >= hours.Closes)
            {
                continue;
            }

            var wanted = input
                .Expected.Where(cups => cups.Day == day)
                .Sum(cups => input.Needs[cups.What][Syrup] * cups.Mean / (hours.Closes!.Value - hours.Opens!.Value));
            var poured = Math.Min(there, wanted);
            there -= poured;
            lacking += wanted - poured;
        }

        return lacking;
    }
}
