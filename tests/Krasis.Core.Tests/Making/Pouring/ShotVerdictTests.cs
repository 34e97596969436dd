using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Input;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;

namespace Krasis.Core.Tests.Making.Pouring;

/// <summary>What is said of a shot in a make: the double of the full bar is 36 g in 25 to 30 s.</summary>
public class ShotVerdictTests
{
    [Theory]
    [InlineData(2, 36, 27, true)]
    [InlineData(2, 36, 18, false)]
    [InlineData(2, 30, 27, false)]
    // Two pulls are judged as their mean.
    [InlineData(4, 72, 27, true)]
    [InlineData(4, 60, 27, false)]
    // Of a pull that a part goes into no cup of, only the time.
    [InlineData(1, 18, 27, true)]
    [InlineData(1, 18, 40, false)]
    public void A_shot_is_judged_a_pull(double shots, double grams, double seconds, bool isGood) =>
        Assert.Equal(isGood, On(shots, "espresso", grams, seconds).Value.IsGood);

    [Fact]
    public void What_is_not_pulled_is_not_judged()
    {
        Assert.Equal("line", Assert.Single(On(2, "milk", 100, 27).Problems).Field);
        Assert.Equal("grams", Assert.Single(On(2, "espresso", 0, 27).Problems).Field);
    }

    private static Reading<Krasis.Core.Bar.Coffee.PullVerdict> On(
        double shots,
        string line,
        double grams,
        double seconds
    ) =>
        ShotVerdict.On(
            BuildReader
                .Read(
                    TestBar.Build(TestBar.Line("espresso", shots, "shot"), TestBar.Line("milk", 150, "ml")),
                    FullBar.Facts
                )
                .Value,
            FullBar.Facts,
            null,
            new CupId("m"),
            new PouredLine(new LineId(line), Grams.From(grams)),
            seconds
        );
}
