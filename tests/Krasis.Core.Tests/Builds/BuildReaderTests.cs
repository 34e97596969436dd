using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;

namespace Krasis.Core.Tests.Builds;

public class BuildReaderTests
{
    private static BuildDocument Good { get; } =
        TestBar.Build(
            TestBar.Line("syrup", 2, "stroke"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 200, "ml", ("l", 320))
        );

    [Fact]
    public void Reads_a_good_build()
    {
        var build = BuildReader.Read(Good with { Name = "  Trial " }, TestBar.Facts).Value;

        Assert.Equal("Trial", build.Name);
        Assert.Equal(["syrup", "espresso", "milk"], build.Lines.Select(line => line.Id.Value));
        Assert.Equal(320, build.Lines[2].Pins.Single().Value.Amount);
    }

    public static TheoryData<string, BuildDocument> Broken() =>
        new()
        {
            { "name", Good with { Name = null } },
            { "name", Good with { Name = "  " } },
            { "name", Good with { Name = new string('n', 10_000) } },
            { "name", Good with { Name = "two\nlines" } },
            { "reserveMm", Good with { ReserveMm = null } },
            { "reserveMm", Good with { ReserveMm = -1 } },
            { "reserveMm", Good with { ReserveMm = double.NaN } },
            { "reserveMm", Good with { ReserveMm = 51 } },
            { "sizes[1]", Good with { Sizes = ["m", "none", "l"] } },
            { "sizes[1]", Good with { Sizes = ["m", "m", "l"] } },
            { "referenceSize", Good with { ReferenceSize = "s", Sizes = ["m", "l"] } },
            { "school", Good with { School = "of-fish" } },
            { "lines[0].ingredient", With(line => line with { Ingredient = "gone" }) },
            { "lines[0].ingredient", With(line => line with { Ingredient = null }) },
            { "lines[0].measure", With(line => line with { Measure = "furlong" }) },
            { "lines[0].measure", With(line => line with { Measure = null }) },
            { "lines[0].measure", With(line => line with { Measure = "shot" }) },
            { "lines[0].amount", With(line => line with { Amount = null }) },
            { "lines[0].amount", With(line => line with { Amount = -1 }) },
            { "lines[0].amount", With(line => line with { Amount = double.NaN }) },
            { "lines[0].amount", With(line => line with { Amount = double.PositiveInfinity }) },
            { "lines[0].amount", With(line => line with { Amount = 1e300 }) },
            { "lines[0].id", With(line => line with { Id = "" }) },
            { "lines[1].id", With(line => line with { Id = "espresso" }) },
            { "lines[0].pins[0].amount", With(line => line with { Pins = [new() { Size = "s", Amount = -2 }] }) },
            { "lines[0].pins[0].size", With(line => line with { Pins = [new() { Size = "m", Amount = 2 }] }) },
            { "lines[0].pins[0].size", With(line => line with { Pins = [new() { Size = "none", Amount = 2 }] }) },
            {
                "lines[0].pins[1].size",
                With(line => line with { Pins = [new() { Size = "s", Amount = 2 }, new() { Size = "s", Amount = 3 }] })
            },
            { "lines", Good with { Lines = [.. Enumerable.Repeat(Good.Lines[0], 41)] } },
        };

    [Theory]
    [MemberData(nameof(Broken))]
    public void Names_the_field_that_is_wrong(string field, BuildDocument document)
    {
        var problem = Assert.Single(BuildReader.Read(document, TestBar.Facts).Problems);

        Assert.Equal(field, problem.Field);
        Assert.NotEmpty(problem.Message);
        Assert.NotEmpty(problem.Accepted);
        Assert.True(problem.Message.Length < 300);
    }

    [Fact]
    public void Tells_everything_that_is_wrong_at_once()
    {
        var document = Good with { Name = "", ReserveMm = -1, Lines = [null!, Good.Lines[0] with { Amount = -1 }] };
        var fields = BuildReader.Read(document, TestBar.Facts).Problems.Select(problem => problem.Field);

        Assert.Equal(
            [
                "name",
                "reserveMm",
                "lines[0].id",
                "lines[0].ingredient",
                "lines[0].measure",
                "lines[0].amount",
                "lines[1].amount",
            ],
            fields
        );
    }

    [Fact]
    public void No_sizes_at_all_are_told_as_such()
    {
        var problems = BuildReader.Read(Good with { Sizes = [] }, TestBar.Facts).Problems;

        Assert.Equal("sizes", problems[0].Field);
    }

    [Fact]
    public void A_build_that_is_only_tried_needs_no_name() =>
        Assert.True(BuildReader.Read(Good with { Name = "" }, TestBar.Facts, nameless: true).IsRead);

    [Fact]
    public void A_blank_build_can_be_tried_at_once()
    {
        var blank = BlankBuild.For(TestBar.Facts);

        Assert.True(BuildReader.Read(blank, TestBar.Facts, nameless: true).IsRead);
        Assert.Equal("m", blank.ReferenceSize);
        Assert.Equal(10, blank.ReserveMm);
    }

    [Fact]
    public void A_blank_build_keeps_a_reserve_that_low_cups_allow()
    {
        var low = TestBar.Document with { House = TestBar.Document.House with { ReserveMm = 80 } };
        var bar = BarReader.Read(low).Value;

        Assert.True(BuildReader.Read(BlankBuild.For(bar), bar, nameless: true).IsRead);
    }

    private static BuildDocument With(Func<LineDocument, LineDocument> change) =>
        Good with
        {
            Lines = [change(Good.Lines[0]), Good.Lines[1], Good.Lines[2] with { Pins = [] }],
        };
}
