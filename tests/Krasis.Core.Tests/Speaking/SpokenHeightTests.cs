using CsCheck;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;
using Krasis.Core.Working.Speaking;
using static Krasis.Core.Tests.Speaking.SpokenBar;

namespace Krasis.Core.Tests.Speaking;

/// <summary>An amount that is said as a height or a printed line.</summary>
public class SpokenHeightTests
{
    [Fact]
    public void To_a_height_is_as_much_as_fills_it() =>
        Gen.Select(Gen.OneOfConst("s", "m", "l"), Gen.Double[60, 99])
            .Seeded()
            .Sample(
                (size, mm) =>
                {
                    var milk = Resolve(
                        $"to {mm.ToString("0.0000", System.Globalization.CultureInfo.InvariantCulture)} mm",
                        size,
                        "milk"
                    ).Value;
                    var build =
                        size == "m"
                            ? With("milk", milk.Amount)
                            : Latte with
                            {
                                Lines = [.. Latte.Lines.Take(2), TestBar.Line("milk", 150, "ml", (size, milk.Amount))],
                            };
                    return Math.Abs(FullBar.Mix(build, SpokenBar.Bar).Size(size).Fill.FillHeight.Value - mm) < 1e-3;
                }
            );

    [Fact]
    public void To_a_printed_line_is_to_its_height()
    {
        // 60 mm of 400 ml over 100 mm are 240 ml, less 15 ml of syrup and 36 ml of espresso.
        Assert.Equal(189, Resolve("to the second line", "m", "milk").Value.Amount, 1e-6);
        Assert.Equal(189, Resolve("to the milk line", "m", "milk").Value.Amount, 1e-6);
        Assert.Equal("Middle has no such printed line.", Resolve("to the ninth line", "m", "milk").Problems[0].Message);
    }

    [Fact]
    public void A_height_that_no_amount_fills_is_said_whole()
    {
        var problem = AmountInPlace
            .ForSurface(
                Build(TestBar.Build(TestBar.Line("espresso", 2, "shot"))),
                SpokenBar.Bar,
                new("l"),
                new("espresso"),
                Millimetres.From(90)
            )
            .Problems[0];

        Assert.Equal(
            ("surfaceMm", "90", "No amount of Espresso fills Large as high.", "a lower height"),
            (problem.Field, problem.Value, problem.Message, problem.Accepted)
        );
        Assert.Equal(
            0,
            AmountInPlace
                .ForSurface(Build(Latte), SpokenBar.Bar, new("m"), new("milk"), Millimetres.From(0))
                .Value.Amount
        );
        Assert.True(
            AmountInPlace.ForSurface(Build(Latte), SpokenBar.Bar, new("m"), new("milk"), Millimetres.From(100)).IsRead
        );

        var tall = AmountInPlace
            .ForSurface(Build(Latte), SpokenBar.Bar, new("m"), new("milk"), Millimetres.From(101))
            .Problems[0];
        Assert.Equal(
            ("101", "Middle is 100 mm high inside.", "0 to 100 mm"),
            (tall.Value, tall.Message, tall.Accepted)
        );
    }

    [Fact]
    public void The_whole_drink_is_brought_to_a_height_whatever_goes_in_after_the_line() =>
        Gen.Select(Gen.Double[30, 95], Gen.Double[0, 150], Gen.OneOfConst("s", "m", "l"))
            .Seeded()
            .Sample(
                (mm, ice, size) =>
                {
                    var drink = Latte with { Lines = [.. Latte.Lines, TestBar.Line("ice", ice, "g")] };
                    var amount = AmountInPlace
                        .ForSurface(Build(drink), SpokenBar.Bar, new(size), new("milk"), Millimetres.From(mm))
                        .Value.Amount;
                    var lines = drink.Lines.Select(line =>
                        line.Id != "milk" ? line
                        : size == "m" ? line with { Amount = amount }
                        : line with { Pins = [new() { Size = size, Amount = amount }] }
                    );
                    var stands = FullBar
                        .Mix(drink with { Lines = [.. lines] }, SpokenBar.Bar)
                        .Size(size)
                        .Fill.FillHeight.Value;

                    return amount == 0 ? stands >= mm - 1e-6 : Math.Abs(stands - mm) < 1e-5;
                }
            );

    [Theory]
    [InlineData(-0.1)]
    [InlineData(100.1)]
    public void A_height_that_the_cup_has_not_is_told(double mm) =>
        Assert.Equal(
            ("surfaceMm", "0 to 100 mm"),
            AmountInPlace
                .ForSurface(Build(Latte), SpokenBar.Bar, new("m"), new("milk"), Millimetres.From(mm))
                .Problems.Select(problem => (problem.Field, problem.Accepted))
                .Single()
        );
}
