using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.App.Tests.Starting;

/// <summary>Drinks as a trainer would build them at the Plover Lock, each size with what a proposal may pour into it:
/// common practice, no source. Hot cups hold 259, 391 and 548 ml, cold ones 281, 377, 536 and 712.</summary>
public sealed class ProposalTableTests(PloverLock lockCafe) : IClassFixture<PloverLock>
{
    private static readonly string[] HotCups = ["wren", "plover", "heron"];
    private static readonly string[] Flavours = ["", "cardamom-syrup", "dark-sauce"];
    private static readonly string[] ColdCups = ["sedge", "reed", "rush", "willow"];

    // Base, serving, flavour (- for none) and cup; then shots (or ml of brewed coffee), pumps, ml of milk, g of ice.
    private const string Table = """
        Espresso Hot      cardamom-syrup wren    1-2      1-2  120-165  0-0
        Espresso Hot      cardamom-syrup plover  2-2      2-3  200-250  0-0
        Espresso Hot      cardamom-syrup heron   2-3      3-4  300-370  0-0
        Espresso Hot      -              wren    1-2      0-0  115-180  0-0
        Espresso Hot      -              plover  2-2      0-0  210-265  0-0
        Espresso Hot      -              heron   2-3      0-0  310-390  0-0
        Chocolate Hot     -              wren    1-2      1-1  110-160  0-0
        Chocolate Hot     -              plover  2-2      2-2  190-240  0-0
        Chocolate Hot     -              heron   2-3      3-3  280-345  0-0
        Espresso Iced     cardamom-syrup sedge   1-2      1-2   50-90   70-100
        Espresso Iced     cardamom-syrup reed    2-2      2-3   95-150  95-130
        Espresso Iced     cardamom-syrup rush    2-3      3-4  150-220 140-190
        Espresso Iced     cardamom-syrup willow  3-3      4-5  200-300 190-260
        Espresso Iced     -              sedge   1-2      0-0   60-110  70-100
        Espresso Iced     -              reed    2-2      0-0  110-160  95-130
        Espresso Iced     -              rush    2-3      0-0  170-235 140-190
        Espresso Iced     -              willow  3-3      0-0  220-310 190-260
        Chocolate Iced    -              sedge   1-2      1-1   50-90   70-100
        Chocolate Iced    -              reed    2-2      2-2   80-140  95-130
        Chocolate Iced    -              rush    2-3      3-3  130-200 140-190
        Chocolate Iced    -              willow  3-3      4-4  180-270 190-260
        Espresso Layered  -              sedge   1-2      0-0   60-110  70-100
        Espresso Layered  -              reed    2-2      0-0  120-175  95-130
        Espresso Layered  -              rush    2-3      0-0  180-250 140-190
        Espresso Layered  -              willow  3-3      0-0  220-320 190-260
        Espresso Shaken   cardamom-syrup sedge   1-2      1-2   40-80   70-100
        Espresso Shaken   cardamom-syrup reed    2-2      2-3   80-130  90-130
        Espresso Shaken   cardamom-syrup rush    2-3      3-4  130-190 140-190
        Espresso Shaken   cardamom-syrup willow  3-3      4-5  180-260 190-260
        Espresso Blended  cardamom-syrup sedge   1-2      2-3   15-60   75-115
        Espresso Blended  cardamom-syrup reed    2-2      3-4   35-90  110-160
        Espresso Blended  cardamom-syrup rush    2-3      4-5   60-130 170-225
        Espresso Blended  cardamom-syrup willow  3-3      5-6   80-170 230-295
        Batch    Iced     cardamom-syrup sedge   50-100   1-2   20-45   70-100
        Batch    Iced     cardamom-syrup reed   100-150   2-3   40-70   95-130
        Batch    Iced     cardamom-syrup rush   150-210   3-4   60-100 140-190
        Batch    Iced     cardamom-syrup willow 210-280   4-5   90-140 190-260
        ColdBrew Iced     -              sedge   80-120   0-0   25-55   70-100
        ColdBrew Iced     -              reed   115-160   0-0   40-70   95-130
        ColdBrew Iced     -              rush   170-230   0-0   60-100 140-190
        ColdBrew Iced     -              willow 230-310   0-0   90-140 190-260
        """;

    private readonly BarFacts bar = lockCafe.File.Read(session => session.Bar.Facts());

    public static TheoryData<string> Drinks =>
        [.. Table.Split('\n').Select(row => string.Join(' ', Words(row)[..3])).Distinct()];

    [Theory]
    [MemberData(nameof(Drinks))]
    public void A_proposal_pours_what_a_trainer_would(string drink)
    {
        var rows = Table.Split('\n').Select(Words).Where(row => string.Join(' ', row[..3]) == drink).ToList();
        var serve = Enum.Parse<Serve>(rows[0][1]);
        var flavour = rows[0][2] == "-" ? "" : rows[0][2];
        var build = Skeleton
            .Propose(
                Enum.Parse<DrinkBase>(rows[0][0]),
                serve,
                [.. (serve == Serve.Hot ? HotCups : ColdCups).Select(id => new CupId(id))],
                bar,
                flavour: flavour
            )
            .Value.Build;
        var sheet = Mixer.Mix(BuildReader.Read(build with { Name = drink }, bar).Value, bar);

        foreach (var row in rows)
        {
            var size = sheet.Sizes.Single(each => each.Size.Value == row[3]);
            Within(row[4], Of(size, IngredientKind.Espresso) + Of(size, IngredientKind.Coffee), $"{row[3]}: coffee");
            Within(row[5], Of(size, IngredientKind.Syrup) + Of(size, IngredientKind.Sauce), $"{row[3]}: pumps");
            Within(row[6], Of(size, IngredientKind.Milk), $"{row[3]}: milk");
            Within(row[7], Of(size, IngredientKind.Ice), $"{row[3]}: ice");
        }

        // No proposal begins with a fault, and no cup is sold with more caffeine than in a day.
        Assert.DoesNotContain(sheet.Findings, finding => finding.Severity == Severity.Fault);
    }

    // Every base, every way of serving, every flavour, in cups of many sizes: no size is half empty beside the house's
    // share or overfull, none tastes further from its reference than the house allows, and no two sizes of different
    // volume get the same. Blended ones are left out: whole strokes and the ice that blends well do not always meet in
    // the smallest cup.
    [Fact]
    public void A_proposal_fills_its_cups_keeps_its_taste_and_grows_with_them()
    {
        List<string> wrong = [];
        var tried = 0;
        string[][] cups = [HotCups, ColdCups, ["wren", "heron"], ["sedge", "willow"], ["plover"], ["reed", "rush"]];
        foreach (
            var (made, serve, flavour, sizes) in from made in Enum.GetValues<DrinkBase>()
            from serve in Enum.GetValues<Serve>()
            from flavour in Flavours
            from sizes in cups
            where serve == Serve.Hot == (sizes[0] is "wren" or "plover")
            select (made, serve, flavour, sizes)
        )
        {
            var read = Skeleton.Propose(made, serve, [.. sizes.Select(id => new CupId(id))], bar, flavour: flavour);
            if (!read.IsRead)
            {
                continue;
            }

            tried++;
            var sheet = Mixer.Mix(BuildReader.Read(read.Value.Build with { Name = "x" }, bar).Value, bar);
            var what = $"{made} {serve} {flavour} in {string.Join(", ", sizes)}";
            wrong.AddRange(
                sheet
                    .Findings.Where(finding =>
                        finding.Check is "overfull" or "underfilled" or "taste-drift" or "same-shot"
                        && finding.Severity != Severity.Note
                        && serve != Serve.Blended
                    )
                    .Select(finding => $"{what}: {finding.Message}")
            );
            wrong.AddRange(
                from one in sheet.Sizes
                from other in sheet.Sizes
                where one.Fill.WorkingVolume.Value < other.Fill.WorkingVolume.Value - 1
                where one.Lines.Zip(other.Lines).All(lines => lines.First.Amount == lines.Second.Amount)
                select $"{what}: {one.Name} and {other.Name} get the same"
            );
        }

        Assert.True(tried > 80, $"{tried} were proposed");
        Assert.True(wrong.Count == 0, $"{wrong.Count} of {tried}: {string.Join("\n", wrong.Take(25))}");
    }

    // What is proposed beside what is sold is never further from it than what is proposed alone, and no worse in anything
    // else; where one shot more or less, or a stroke, comes as near as the house allows without a warning, it is as near.
    [Fact]
    public void A_proposal_is_about_as_strong_as_what_is_sold_on_its_base()
    {
        List<string> wrong = [];
        var (near, all) = (0, 0);
        var sold = lockCafe.File.Read(session =>
            session.Standards.Newest().Select(standard => standard.Frozen.Sheet).ToList()
        );
        foreach (
            var (made, serve, flavour, sizes) in from made in Enum.GetValues<DrinkBase>()
            from serve in Enum.GetValues<Serve>()
            from flavour in Flavours
            from sizes in new[] { HotCups, ColdCups, ["wren", "plover"], ["sedge", "reed"] }
            where serve == Serve.Hot == (sizes[0] is "wren")
            select (made, serve, flavour, sizes)
        )
        {
            CupId[] cups = [.. sizes.Select(id => new CupId(id))];
            var alone = Skeleton.Propose(made, serve, cups, bar, flavour: flavour);
            if (
                !alone.IsRead
                || HouseStrength.Of(
                    sold,
                    new IngredientId(Skeleton.Choices(bar).Single(one => one.Base == made).Of[0].Id),
                    serve
                )
                    is not { } house
            )
            {
                continue;
            }

            var proposal = Skeleton.Propose(made, serve, cups, bar, flavour: flavour, sold: sold).Value;
            var (offAlone, warnedAlone) = Off(alone.Value.Build, house.Percent);
            var (off, warned) = Off(proposal.Build, house.Percent);
            all++;
            near += off <= bar.House.AllowedStrengthDrift.Value ? 1 : 0;
            var what = $"{made} {serve} {flavour} in {string.Join(", ", sizes)}: {string.Join(' ', proposal.Says)}";
            if (
                warned > warnedAlone
                || (warned == warnedAlone && off > Math.Max(offAlone, bar.House.AllowedStrengthDrift.Value) + 1e-9)
            )
            {
                wrong.Add($"{off} and {warned}, alone {offAlone} and {warnedAlone}: {what}");
            }

            if (!proposal.Says.Any(says => says.Contains("caffeine", StringComparison.OrdinalIgnoreCase)))
            {
                wrong.Add(what);
            }
        }

        Assert.True(wrong.Count == 0, string.Join("\n", wrong));
        Assert.True(all > 10 && near >= all * 0.7, $"{near} of {all}");
    }

    private (double Off, int Warned) Off(BuildDocument build, double sold)
    {
        var sheet = Mixer.Mix(BuildReader.Read(build with { Name = "x" }, bar).Value, bar);
        var strength = sheet.Sizes.Single(size => size.IsReference).Taste.Poured.Strength!.Value.Value;
        return (
            Math.Abs((strength / sold) - 1) * 100,
            sheet.Findings.Count(finding => finding.Severity != Severity.Note)
        );
    }

    [Theory]
    [InlineData(DrinkBase.ColdBrew, Serve.Hot, "is steeped cold and served cold")]
    [InlineData(DrinkBase.ColdBrew, Serve.Layered, "layers do not hold")]
    [InlineData(DrinkBase.Batch, Serve.Layered, "layers do not hold")]
    [InlineData(DrinkBase.Batch, Serve.Hot, "is brewed for ice, with 76 g to the litre")]
    public void What_makes_no_sense_is_not_offered_and_says_why(DrinkBase made, Serve serve, string why)
    {
        var problem = Assert.Single(Skeleton.Propose(made, serve, [new("reed")], bar).Problems);
        Assert.Equal("serve", problem.Field);
        Assert.Contains(why, problem.Message, StringComparison.Ordinal);
        Assert.Contains(Skeleton.Choices(bar).Single(choice => choice.Base == made).Of[0].NotServed, not =>
            not.Serve == serve && not.Why == problem.Message
        );
    }

    private double Of(SizeSheet size, IngredientKind kind) =>
        size.Lines.Where(line => bar.Find(line.Ingredient)!.Kind == kind).Sum(line => line.Amount);

    private static void Within(string range, double amount, string what)
    {
        var ends = range.Split('-').Select(end => double.Parse(end, CultureInfo.InvariantCulture)).ToArray();
        Assert.True(ends[0] <= amount && amount <= ends[1], $"{what} is {amount}, and {range} is right");
    }

    private static string[] Words(string row) => row.Split(' ', StringSplitOptions.RemoveEmptyEntries);
}
