using CsCheck;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Advising;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Advising;

public class AdviserTests
{
    private static readonly Gen<BuildDocument> Lattes = Gen.Select(
        Gen.Int[1, 4],
        Gen.Double[40, 220],
        Gen.Int[1, 5],
        Gen.Double[0, 120],
        Gen.Double[0, 20],
        (shots, milk, strokes, ice, reserve) =>
            TestBar.Build(
                TestBar.Line("syrup", strokes, "stroke"),
                TestBar.Line("espresso", shots, "shot"),
                TestBar.Line("milk", milk, "ml"),
                TestBar.Line("ice", ice, "g")
            ) with
            {
                ReserveMm = reserve,
            }
    );

    [Fact]
    public void Everything_advised_fits_and_can_be_poured_and_is_what_it_says() =>
        Gen.Select(Lattes, Gen.OneOfConst("s", "m", "l"))
            .Seeded()
            .Sample(
                (build, size) =>
                    Advise(build, size)
                        .All(advice =>
                        {
                            var mixed = FullBar.Mix(advice.Edits.Aggregate(build, BuildEdits.Apply)).Size(size);
                            return mixed.Fill.RoomLeft.Value >= -1e-6
                                && Math.Abs(mixed.Fill.RoomLeft.Value - advice.Room.Value) < 1e-6
                                && (
                                    size == "m"
                                    || Math.Abs(mixed.Taste.Drift.Strength!.Value.Value - advice.Strength!.Value.Value)
                                        < 1e-6
                                )
                                && advice.Edits.All(edit =>
                                    Math.Abs(edit.Amount / Step(edit) - Math.Round(edit.Amount / Step(edit))) < 1e-6
                                );
                        }),
                iter: 60
            );

    [Fact]
    public void They_are_at_most_five_and_the_best_first() =>
        Lattes
            .Seeded()
            .Sample(
                build =>
                {
                    var advice = Advise(build, "s");
                    return advice.Count <= Adviser.Best
                        && advice.Zip(advice.Skip(1)).All(pair => pair.First.Score <= pair.Second.Score + 1e-12);
                },
                iter: 60
            );

    // Every amount that the small cup takes, mixed one by one, against what is advised: where the reference leaves
    // room, and where the size as it is scaled runs over because the ice is pinned at what the reference takes.
    [Theory]
    [InlineData(0, null)]
    [InlineData(18, null)]
    [InlineData(0, 160.0)]
    public void They_are_the_best_of_all_that_can_be_poured(double reserve, double? pinned)
    {
        var build = TestBar.Build(
            TestBar.Line("syrup", 3, "stroke"),
            TestBar.Line("espresso", 3, "shot"),
            TestBar.Line("ice", 160, "g") with
            {
                Pins = pinned is { } ice ? [new() { Size = "s", Amount = ice }] : [],
            },
            TestBar.Line("milk", 100, "ml")
        ) with
        {
            ReserveMm = reserve,
            School = "with-the-cup",
        };
        List<(double Score, bool IsAllowed, string Pour)> all = [];
        for (var shots = 1; shots <= 4; shots++)
        {
            for (var strokes = 1; strokes <= 5; strokes++)
            {
                for (var ice1 = 5; ice1 <= 125; ice1 += 5)
                {
                    for (var milk = 5; milk <= 150; milk += 5)
                    {
                        var sheet = FullBar.Mix(
                            build with
                            {
                                Sizes = ["s", "m"],
                                Lines =
                                [
                                    TestBar.Line("syrup", 3, "stroke", ("s", strokes)),
                                    TestBar.Line("espresso", 3, "shot", ("s", shots)),
                                    TestBar.Line("ice", 160, "g", ("s", ice1)),
                                    TestBar.Line("milk", 100, "ml", ("s", milk)),
                                ],
                            }
                        );
                        var (size, full) = (sheet.Size("s"), sheet.Size("m"));
                        if (size.Fill.RoomLeft.Value < -1e-6)
                        {
                            break;
                        }

                        var (strength, sweetness) = (
                            Math.Abs(size.Taste.Drift.Strength!.Value.Value),
                            Math.Abs(size.Taste.Drift.Sweetness!.Value.Value)
                        );
                        all.Add(
                            (
                                (0.1 * ((strength * strength) + (sweetness * sweetness)))
                                    + (
                                        0.05
                                        * Math.Pow(
                                            100
                                                * (
                                                    (size.Fill.OccupiedVolume / size.Fill.WorkingVolume)
                                                    - Math.Min(1, full.Fill.OccupiedVolume / full.Fill.WorkingVolume)
                                                ),
                                            2
                                        )
                                    )
                                    + (
                                        0.1
                                        * Math.Pow(
                                            100
                                                * (
                                                    (ice1 / size.Fill.WorkingVolume.Value)
                                                    - (160 / full.Fill.WorkingVolume.Value)
                                                ),
                                            2
                                        )
                                    ),
                                strength <= 15
                                    && sweetness <= 15
                                    && size.Fill.OccupiedVolume / size.Fill.WorkingVolume
                                        >= Math.Min(0.85, 0.9 * (full.Fill.OccupiedVolume / full.Fill.WorkingVolume)),
                                $"{strokes} {shots} {ice1} {milk}"
                            )
                        );
                    }
                }
            }
        }

        var advice = Advise(build, "s");
        Assert.Equal(all.Where(way => way.IsAllowed).Min(way => way.Score), advice[0].Score, 1e-6);
        Assert.All(advice, way =>
            Assert.Equal(
                all.Single(tried =>
                    tried.Pour == string.Join(' ', way.Pour.Split(", ").Select(pour => pour.Split(' ')[0]))
                ).Score,
                way.Score,
                1e-6
            )
        );
        Assert.Equal(advice.Count, advice.Select(way => way.Does).Distinct().Count());
    }

    // Nothing is as strong as a triple in a cup that takes one shot beside the ice that is asked for: what is offered is
    // within the house's drift, and where that cannot be, it is said what stands against the nearest.
    [Fact]
    public void More_than_the_house_allows_is_never_offered_where_something_is_within_it()
    {
        var build = TestBar.Build(TestBar.Line("espresso", 2, "shot"), TestBar.Line("milk", 170, "ml")) with
        {
            School = "same-shot",
        };

        Assert.NotEmpty(Advise(build, "l"));
        Assert.All(Advise(build, "l"), way => Assert.InRange(Math.Abs(way.Strength!.Value.Value), 0, 15));
    }

    // Applied, nothing stands further beyond what the house allows in any size; no two change the same things; and what
    // is given up is the largest of what is off.
    [Fact]
    public void Advice_is_worse_nowhere_and_differs_in_kind()
    {
        var given = 0;
        Gen.Select(RandomBuilds.Any, Gen.OneOfConst("s", "m", "l"))
            .Seeded()
            .Sample(
                (build, size) =>
                {
                    if (!BuildReader.Read(build, FullBar.Facts).IsRead)
                    {
                        return;
                    }

                    var (before, ways) = (FullBar.Mix(build), Advise(build, size));
                    Interlocked.Add(ref given, ways.Count);
                    Assert.Equal(ways.Count, ways.Select(way => way.Does).Distinct().Count());
                    Assert.All(ways, way =>
                        Assert.Empty(
                            BeyondAllowed.Worse(before, FullBar.Mix(way.Edits.Aggregate(build, BuildEdits.Apply)))
                        )
                    );
                },
                iter: Proof.Times(150)
            );
        Proof.Tell($"advice: {given} ways, none worse anywhere");
        Assert.True(given > 50, $"{given} ways");
    }

    // Both flavours are searched, the whole drink is named, and what would follow another line is pinned with it.
    [Fact]
    public void Every_flavour_is_searched_and_all_that_is_relied_on_is_pinned()
    {
        var build = TestBar.Build(
            TestBar.Line("syrup", 2, "stroke"),
            TestBar.Line("sauce", 20, "g"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("water", 20, "ml") with
            {
                Scale = new ScaleDocument { By = "share", Of = "espresso" },
            },
            TestBar.Line("milk", 180, "ml"),
            TestBar.Line("whip", 20, "g")
        );
        var advice = Advise(build, "s");

        Assert.All(advice, way =>
            Assert.Equal(
                ["Syrup", "Dark sauce", "Espresso", "Water", "Milk", "Whip"],
                way.Pour.Split(", ").Select(pour => pour.Split(" of ")[1])
            )
        );
        foreach (var way in advice.Where(way => way.Edits.Count > 0))
        {
            Assert.Superset(
                new HashSet<string> { "syrup", "sauce", "espresso", "water", "milk" },
                way.Edits.Select(edit => edit.Line.Value).ToHashSet()
            );
            var poured = FullBar.Mix(way.Edits.Aggregate(build, BuildEdits.Apply)).Size("s").Lines;
            Assert.Equal(
                way.Pour,
                string.Join(
                    ", ",
                    poured
                        .Where(line => line.Amount > 0)
                        .Select(line =>
                            $"{line.Amount.ToString("0.##", System.Globalization.CultureInfo.InvariantCulture)} {line.Unit} of {line.IngredientName}"
                        )
                )
            );
        }
    }

    [Fact]
    public void The_largest_coffee_milk_and_ice_are_varied_and_the_others_stay()
    {
        var build = TestBar.Build(
            TestBar.Line("syrup", 2, "stroke"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("coffee", 20, "ml"),
            TestBar.Line("milk", 60, "ml"),
            TestBar.Line("oat", 40, "ml"),
            TestBar.Line("coffee-ice", 10, "g"),
            TestBar.Line("ice", 60, "g"),
            TestBar.Line("whip", 20, "g")
        );
        var asItIs = FullBar.Mix(build).Size("s").Lines.ToDictionary(line => line.Line.Value, line => line.Amount);

        foreach (var way in Advise(build, "s"))
        {
            Assert.All(way.Edits.Where(edit => edit.Line.Value is "coffee" or "oat" or "coffee-ice"), edit =>
                Assert.Equal(asItIs[edit.Line.Value], edit.Amount)
            );
            var mixed = FullBar.Mix(way.Edits.Aggregate(build, BuildEdits.Apply)).Size("s");
            Assert.Equal(mixed.Fill.RoomLeft.Value, way.Room.Value, 1e-6);
            Assert.Equal(mixed.Taste.Drift.Sweetness!.Value.Value, way.Sweetness!.Value.Value, 1e-6);
        }
    }

    [Fact]
    public void Brewed_coffee_is_the_coffee_where_there_is_no_espresso_and_fills_the_cup_beside_one()
    {
        var black = Advise(TestBar.Build(TestBar.Line("syrup", 2, "stroke"), TestBar.Line("coffee", 200, "ml")), "s");
        Assert.All(black, way =>
            Assert.Equal(["Syrup", "Iced coffee"], way.Pour.Split(", ").Select(pour => pour.Split(" of ")[1]))
        );

        var both = Advise(TestBar.Build(TestBar.Line("espresso", 2, "shot"), TestBar.Line("coffee", 200, "ml")), "s");
        Assert.All(both, way =>
            Assert.Equal(["Espresso", "Iced coffee"], way.Pour.Split(", ").Select(pour => pour.Split(" of ")[1]))
        );
        Assert.Contains(both, way => way.Edits.Any(edit => edit.Line.Value == "coffee"));

        var long1 = Advise(TestBar.Build(TestBar.Line("espresso", 2, "shot"), TestBar.Line("water", 200, "ml")), "s");
        Assert.All(long1, way => Assert.EndsWith(" of Water", way.Pour, StringComparison.Ordinal));
    }

    [Fact]
    public void The_house_s_weights_decide_what_counts()
    {
        var build = TestBar.Build(
            TestBar.Line("syrup", 3, "stroke"),
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 170, "ml")
        );
        var strength = Advise(
            build,
            "s",
            FullBar.Read(
                FullBar.Document with
                {
                    House = FullBar.Document.House with
                    {
                        SweetnessWeight = 0,
                        StrengthDriftPercent = 100,
                        SweetnessDriftPercent = 100,
                    },
                }
            )
        )[0];
        var sweetness = Advise(
            build,
            "s",
            FullBar.Read(
                FullBar.Document with
                {
                    House = FullBar.Document.House with
                    {
                        StrengthWeight = 0,
                        StrengthDriftPercent = 100,
                        SweetnessDriftPercent = 100,
                    },
                }
            )
        )[0];

        Assert.NotEqual(strength.Pour, sweetness.Pour);
        Assert.True(Math.Abs(strength.Strength!.Value.Value) <= Math.Abs(sweetness.Strength!.Value.Value));
        Assert.True(Math.Abs(sweetness.Sweetness!.Value.Value) <= Math.Abs(strength.Sweetness!.Value.Value));
    }

    [Fact]
    public void Where_nothing_fits_there_is_no_advice() =>
        Assert.Empty(
            Advise(
                TestBar.Build(
                    TestBar.Line("espresso", 1, "shot"),
                    TestBar.Line("milk", 300, "ml"),
                    TestBar.Line("smoke", 90, "g", ("s", 250))
                ),
                "s"
            )
        );

    // Six flavours by the gram, coffee, milk, water and ice: far too many combinations to try them all, and one would
    // wait for ever if it did.
    [Fact]
    public void A_drink_of_many_lines_gets_advice_too()
    {
        var build = TestBar.Build(
            TestBar.Line("syrup", 6, "g"),
            TestBar.Line("sauce", 6, "g"),
            TestBar.Line("white", 6, "g"),
            TestBar.Line("cocoa", 4, "g"),
            TestBar.Line("syrup", 5, "g") with
            {
                Id = "syrup-2",
            },
            TestBar.Line("sauce", 5, "g") with
            {
                Id = "sauce-2",
            },
            TestBar.Line("coffee", 120, "ml"),
            TestBar.Line("milk", 90, "ml"),
            TestBar.Line("ice", 110, "g", ("s", 160))
        );
        Assert.All(Advise(build, "s"), way => Assert.True(way.Room.Value >= -1e-6));
    }

    [Fact]
    public void A_size_that_the_build_has_not_is_a_defect() =>
        Assert.Equal(
            "The build has no size 's'. (Parameter 'size')",
            Assert
                .Throws<ArgumentException>(() =>
                    Advise(TestBar.Build(TestBar.Line("milk", 5, "ml")) with { Sizes = ["m"] }, "s")
                )
                .Message
        );

    private static double Step(CellEdit edit) => edit.Line.Value is "milk" or "ice" ? 5 : 1;

    internal static IReadOnlyList<Advice> Advise(BuildDocument build, string size, BarFacts? bar = null) =>
        Adviser
            .Advise(build, BuildReader.Read(build, bar ?? FullBar.Facts).Value, bar ?? FullBar.Facts, new CupId(size))
            .Ways;
}
