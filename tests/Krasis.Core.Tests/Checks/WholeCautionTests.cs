using Krasis.Core.Bar;
using Krasis.Core.Builds;

namespace Krasis.Core.Tests.Checks;

/// <summary>Every caution whole: which sizes and lines it is about, and what it says.</summary>
public class WholeCautionTests
{
    private static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Milk = TestBar.Line("milk", 200, "ml");
    private static readonly LineDocument Ice = TestBar.Line("ice", 100, "g");

    public static TheoryData<BuildDocument, BarFacts, string[]> Cautions =>
        new()
        {
            {
                Build(
                    Espresso,
                    Milk with
                    {
                        Technique = "steam",
                        Foam = "low",
                    },
                    TestBar.Line("whip", 10, "g") with
                    {
                        Technique = "torch",
                    },
                    TestBar.Line("smoke", 0.1, "g") with
                    {
                        Technique = "skewer",
                    }
                ),
                FullBar.Facts,
                [
                    "steam | m l | milk | Milk: Steam and hot milk burn. Milk ends at 55 to 65 °C in this house; above about 70 °C it scalds.",
                    "torch | m l | whip | Whip: Torch: away from paper, alcohol, sleeves and children, and never unattended.",
                    "skewer | m l | smoke | Smoke: Sharp skewers come out before drinking.",
                    "potent | m l | smoke | Smoke: Potent: weigh it to a hundredth of a gram, and never go by eye. A drop too much cannot be taken out.",
                    "keep-cold | m l | milk whip | Milk and Whip: Hold at or below 5 °C (41 °F), date-mark and discard on time (US Food Code 3-501.16 and 3-501.17; local codes rule).",
                    "shared | m l | milk | Milk: Shared wands, pitchers, shakers and blenders carry traces of allergens: a build is never a promise that a drink is free from something.",
                    "hot | m l |  | Middle and Large are handed over above 60 °C, which can burn skin in seconds.",
                    "caffeine | l |  | Large has more than 200 mg of caffeine, the most at once that gives no concern for healthy adults; 400 mg a day, and 200 mg a day in pregnancy (EFSA 2015). Information, not advice.",
                    "caffeine-perhaps | m |  | Middle may have more than 200 mg of caffeine: how much a coffee holds is known to within a range. Information, not advice (EFSA 2015; 200 mg a day in pregnancy).",
                ]
            },
            {
                Build(Espresso, Milk with { Technique = "steam", Foam = "low" }) with
                {
                    Sizes = ["m"],
                },
                FullBar.Facts,
                [
                    "steam | m | milk | Milk: Steam and hot milk burn. Milk ends at 55 to 65 °C in this house; above about 70 °C it scalds.",
                    "keep-cold | m | milk | Milk: Hold at or below 5 °C (41 °F), date-mark and discard on time (US Food Code 3-501.16 and 3-501.17; local codes rule).",
                    "shared | m | milk | Milk: Shared wands, pitchers, shakers and blenders carry traces of allergens: a build is never a promise that a drink is free from something.",
                    "hot | m |  | Middle is handed over above 60 °C, which can burn skin in seconds.",
                    "caffeine-perhaps | m |  | Middle may have more than 200 mg of caffeine: how much a coffee holds is known to within a range. Information, not advice (EFSA 2015; 200 mg a day in pregnancy).",
                ]
            },
            {
                Build(Espresso with { Technique = "cool" }, Milk, Ice) with
                {
                    Serve = "blended",
                },
                FullBar.Facts,
                [
                    "blender | m l | ice | Ice: Blender: lid on, and off at the wall before a hand goes near the blades.",
                    "keep-cold | m l | milk | Milk: Hold at or below 5 °C (41 °F), date-mark and discard on time (US Food Code 3-501.16 and 3-501.17; local codes rule).",
                    "shared | m l | espresso milk ice | Espresso, Milk and Ice: Shared wands, pitchers, shakers and blenders carry traces of allergens: a build is never a promise that a drink is free from something.",
                    "caffeine | l |  | Large has more than 200 mg of caffeine, the most at once that gives no concern for healthy adults; 400 mg a day, and 200 mg a day in pregnancy (EFSA 2015). Information, not advice.",
                    "caffeine-perhaps | m |  | Middle may have more than 200 mg of caffeine: how much a coffee holds is known to within a range. Information, not advice (EFSA 2015; 200 mg a day in pregnancy).",
                ]
            },
            {
                Build(Espresso, Milk with { Technique = "blend" }, Ice) with
                {
                    Serve = "blended",
                },
                FullBar.Facts,
                [
                    "blender | m l | milk ice | Milk and Ice: Blender: lid on, and off at the wall before a hand goes near the blades.",
                    "hot-blender | m l | espresso | Espresso: Hot liquids erupt in a blender: let them cool first.",
                    "keep-cold | m l | milk | Milk: Hold at or below 5 °C (41 °F), date-mark and discard on time (US Food Code 3-501.16 and 3-501.17; local codes rule).",
                    "shared | m l | espresso milk ice | Espresso, Milk and Ice: Shared wands, pitchers, shakers and blenders carry traces of allergens: a build is never a promise that a drink is free from something.",
                    "caffeine | l |  | Large has more than 200 mg of caffeine, the most at once that gives no concern for healthy adults; 400 mg a day, and 200 mg a day in pregnancy (EFSA 2015). Information, not advice.",
                    "caffeine-perhaps | m |  | Middle may have more than 200 mg of caffeine: how much a coffee holds is known to within a range. Information, not advice (EFSA 2015; 200 mg a day in pregnancy).",
                ]
            },
            {
                Build(Espresso with { Technique = "cool" }, Milk with { Technique = "foam", Foam = "cold" }, Ice),
                FullBar.Facts,
                [
                    "keep-cold | m l | milk | Milk: Hold at or below 5 °C (41 °F), date-mark and discard on time (US Food Code 3-501.16 and 3-501.17; local codes rule).",
                    "shared | m l | milk | Milk: Shared wands, pitchers, shakers and blenders carry traces of allergens: a build is never a promise that a drink is free from something.",
                    "caffeine | l |  | Large has more than 200 mg of caffeine, the most at once that gives no concern for healthy adults; 400 mg a day, and 200 mg a day in pregnancy (EFSA 2015). Information, not advice.",
                    "caffeine-perhaps | m |  | Middle may have more than 200 mg of caffeine: how much a coffee holds is known to within a range. Information, not advice (EFSA 2015; 200 mg a day in pregnancy).",
                ]
            },
            {
                Build(Espresso with { Technique = "cool" }, Milk with { Technique = "shake" }, Ice) with
                {
                    Serve = "shaken",
                },
                FullBar.Facts,
                [
                    "keep-cold | m l | milk | Milk: Hold at or below 5 °C (41 °F), date-mark and discard on time (US Food Code 3-501.16 and 3-501.17; local codes rule).",
                    "shared | m l | espresso milk ice | Espresso, Milk and Ice: Shared wands, pitchers, shakers and blenders carry traces of allergens: a build is never a promise that a drink is free from something.",
                    "caffeine | l |  | Large has more than 200 mg of caffeine, the most at once that gives no concern for healthy adults; 400 mg a day, and 200 mg a day in pregnancy (EFSA 2015). Information, not advice.",
                    "caffeine-perhaps | m |  | Middle may have more than 200 mg of caffeine: how much a coffee holds is known to within a range. Information, not advice (EFSA 2015; 200 mg a day in pregnancy).",
                ]
            },
            {
                Build(TestBar.Line("coffee", 100, "ml"), TestBar.Line("espresso", 4, "shot"), Ice) with
                {
                    Sizes = ["m"],
                },
                Stove(),
                [
                    "stove-top | m | coffee | Iced coffee: Stove-top brewer: fill it below the safety valve.",
                    // The stove's caffeine is not known; what the shots alone hold is enough.
                    "caffeine | m |  | Middle has more than 200 mg of caffeine, the most at once that gives no concern for healthy adults; 400 mg a day, and 200 mg a day in pregnancy (EFSA 2015). Information, not advice.",
                ]
            },
            {
                Build(TestBar.Line("espresso", 4, "shot"), Ice),
                FullBar.Facts,
                [
                    "caffeine | m l |  | Middle and Large have more than 200 mg of caffeine, the most at once that gives no concern for healthy adults; 400 mg a day, and 200 mg a day in pregnancy (EFSA 2015). Information, not advice.",
                ]
            },
            { Build(TestBar.Line("water", 100, "ml"), Ice), FullBar.Facts, [] },
        };

    // A tin keeps in the cupboard until it is opened.
    [Fact]
    public void An_opened_tin_is_kept_cold()
    {
        var build = Build(Espresso, TestBar.Line("sweet-milk", 20, "ml"));
        var closed = FullBar.With("sweet-milk", tin => tin with { Chilled = false });
        var opened = FullBar.With("sweet-milk", tin =>
            tin with
            {
                Chilled = false,
                OpenedOn = "2026-11-20",
                OpenedDays = 5,
            }
        );

        Assert.DoesNotContain(Said(build, closed), said => said.StartsWith("keep-cold", StringComparison.Ordinal));
        Assert.Contains(Said(build, opened), said =>
            said.StartsWith("keep-cold | m l | sweet-milk", StringComparison.Ordinal)
        );
    }

    [Theory]
    [MemberData(nameof(Cautions))]
    public void It_is_said_so(BuildDocument build, BarFacts bar, string[] said) => Assert.Equal(said, Said(build, bar));

    private static string[] Said(BuildDocument build, BarFacts bar) =>
        [
            .. FullBar
                .Mix(build, bar)
                .Cautions.Select(caution =>
                    $"{caution.Code} | {string.Join(' ', caution.Sizes)} | {string.Join(' ', caution.Lines)} | {caution.Message}"
                ),
        ];

    private static BuildDocument Build(params LineDocument[] lines) => TestBar.Build(lines) with { Sizes = ["m", "l"] };

    private static BarFacts Stove() =>
        FullBar.Read(
            FullBar.Document with
            {
                Coffees =
                [
                    new()
                    {
                        Id = "moka",
                        Name = "Stove",
                        Ingredient = "coffee",
                        Method = "stoveTop",
                        CoffeeGrams = 30,
                        WaterGrams = 300,
                        ExtractionPercent = 20,
                    },
                ],
            }
        );
}
