using CsCheck;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Scaling;
using MathNet.Numerics.RootFinding;

namespace Krasis.Core.Tests.Scaling;

/// <summary>How much may go in until it stands as high as it should, against a root finder of
/// MathNet.Numerics.</summary>
public class ReachTests
{
    // A level that rises straight, from a place on more slowly or faster, as when ice begins to float, and at last as a
    // cone does.
    private static readonly Gen<(double Start, double Slope, double Bend, double Then, double Round)> Levels =
        Gen.Select(Gen.Double[0, 300], Gen.Double[0.2, 40], Gen.Double[0, 200], Gen.Double[0.1, 3], Gen.Double[0, 1]);

    [Fact]
    public void It_is_where_a_root_finder_finds_it_and_never_above() =>
        Gen.Select(Levels, Gen.Double[0.01, 500])
            .Seeded()
            .Sample(
                (shape, more) =>
                {
                    var target = shape.Start + more;
                    var most = 1.0;
                    while (Level(shape, most) <= target)
                    {
                        most *= 2;
                    }

                    var found = IncreasingSolver.Solve(amount => Level(shape, amount), target, most);

                    Assert.True(Level(shape, found) <= target);
                    Assert.Equal(
                        1,
                        Brent.FindRoot(amount => Level(shape, amount) - target, 0, most, 1e-13, 1000) / found,
                        1e-9
                    );
                }
            );

    [Fact]
    public void What_stands_above_the_target_already_takes_nothing_more() =>
        Assert.Equal(0, IncreasingSolver.Solve(amount => 100 + amount, 99.9, 50));

    [Fact]
    public void What_stands_at_the_target_takes_nothing_more() =>
        Assert.Equal(0, IncreasingSolver.Solve(amount => 100 + amount, 100, 50), 1e-12);

    [Fact]
    public void Of_a_level_that_rests_for_a_while_as_much_goes_in_as_does_not_raise_it() =>
        // Foam in the gaps of ice: 20 ml of it are not seen.
        Assert.Equal(
            70,
            IncreasingSolver.Solve(amount => amount <= 50 ? amount : Math.Max(50, amount - 20), 50, 200),
            1e-9
        );

    // A straight line is met by the first guess, so that a sheet of many sizes asks for few levels: halving alone asks
    // some fifty times.
    [Fact]
    public void A_straight_level_is_asked_for_only_a_few_times()
    {
        var asked = 0;
        IncreasingSolver.Solve(amount => 37.5 + (1.03 * amount) + (0 * asked++), 271.3, 600);

        Assert.InRange(asked, 2, 8);
    }

    private static double Level(
        (double Start, double Slope, double Bend, double Then, double Round) shape,
        double amount
    )
    {
        var straight = Math.Min(amount, shape.Bend) * shape.Slope;
        var after = Math.Max(0, amount - shape.Bend);
        return shape.Start + straight + (after * shape.Slope * shape.Then) + (shape.Round * Math.Cbrt(amount));
    }
}
