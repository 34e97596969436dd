using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Advising;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Tests.Advising;

/// <summary>The search against every single thing that can be poured.</summary>
public class SearchTests
{
    // Up to five free lines: coffee, two flavours, ice and milk, as somebody would write them and with amounts of other
    // sizes pinned by hand.
    private static readonly Gen<(BuildDocument Build, string Size)> Sizes = Gen.Select(
        Gen.Int[1, 3],
        Gen.Int[0, 4],
        Gen.OneOfConst("none", "syrup", "sauce", "cocoa"),
        Gen.Int[30, 200],
        Gen.Int[0, 120],
        Gen.OneOfConst("iced", "hot", "shaken"),
        Gen.Int[0, 18],
        Gen.OneOfConst("with-the-cup", "same-shot", "hold-the-ratio"),
        (shots, strokes, other, milk, ice, serve, reserve, school) =>
        {
            List<LineDocument> lines = [TestBar.Line("espresso", shots, "shot")];
            if (strokes > 0)
            {
                lines.Add(TestBar.Line("syrup", strokes, "stroke"));
            }

            if (other == "sauce")
            {
                lines.Add(TestBar.Line("sauce", 4 + (3 * strokes), "g"));
            }
            else if (other == "cocoa")
            {
                lines.Add(TestBar.Line("cocoa", 4 + strokes, "g"));
            }

            if (ice > 10 && serve != "hot")
            {
                lines.Add(TestBar.Line("ice", ice, "g"));
            }

            lines.Add(TestBar.Line("milk", milk, "ml"));
            return (TestBar.Build([.. lines]) with { Serve = serve, ReserveMm = reserve, School = school }, "s");
        }
    );

    [Fact]
    public void Nothing_that_can_be_poured_is_better_by_more_than_a_step()
    {
        var (tried, beaten) = (0, new List<string>());
        Sizes
            .Seeded()
            .Sample(
                one =>
                {
                    var (own, goal) = Prepare(one.Build, one.Size);
                    var found = new Search(own, goal).Best();
                    var all = BruteForce(own, goal);
                    if (!double.IsFinite(all.Score))
                    {
                        Assert.Empty(found);
                        return;
                    }

                    Interlocked.Increment(ref tried);
                    if (found.Count == 0 || found[0].Score > all.Score + 1e-6)
                    {
                        lock (beaten)
                        {
                            beaten.Add(
                                $"{(found.Count == 0 ? "nothing" : $"{string.Join(' ', found[0].Amounts)}: {found[0].Score}")}, but {string.Join(' ', all.Amounts)}: {all.Score}"
                            );
                        }
                    }
                },
                iter: Proof.Times(100)
            );
        Assert.True(tried > 50, $"{tried} could be poured");
        Proof.Tell($"search: {tried} sizes against all that can be poured, {beaten.Count} of them beaten");
        Assert.True(beaten.Count == 0, $"{beaten.Count} of {tried}: {string.Join("; ", beaten.Take(5))}");
    }

    private static (WorkedSize Own, Goal Goal) Prepare(BuildDocument document, string size)
    {
        var build = BuildReader.Read(document, FullBar.Facts).Value;
        var worked = SizeWork.SettleAll(build, FullBar.Facts, build.School.Scaling);
        var own = worked.Single(one => one.Size.Cup.Id.Value == size);
        var reference = worked.Single(one => one.Size.Cup.Id == build.ReferenceSize);
        return (own, new Goal(FullBar.Facts.House, build.Serve, reference, own));
    }

    // Every whole number of steps of every line of this drink, one by one.
    private static (double[] Amounts, double Score) BruteForce(WorkedSize own, Goal goal)
    {
        var amounts = own.Amounts();
        (double[] Amounts, double Score) best = ([.. amounts], double.PositiveInfinity);
        var free = own.Lines.Where(VariedLines.Has).Select(line => line.Index).ToList();
        Try(0);
        return best;

        void Try(int at)
        {
            if (at == free.Count)
            {
                var content = own.With(amounts);
                if (goal.Fits(content) && goal.Score(content, amounts) is var score && score < best.Score)
                {
                    best = ([.. amounts], score);
                }

                return;
            }

            var line = own.Lines[free[at]];
            for (var steps = 1; ; steps++)
            {
                amounts[line.Index] = steps * line.Step;
                foreach (var later in free.Skip(at + 1))
                {
                    amounts[later] = 0;
                }

                if (!goal.Fits(own.With(amounts)))
                {
                    break;
                }

                Try(at + 1);
            }
        }
    }
}
