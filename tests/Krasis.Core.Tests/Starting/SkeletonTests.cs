using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Tests.Starting;

/// <summary>Builds to begin from: every base, served every way, fits and can be poured. What they hold is common
/// practice, no source.</summary>
public class SkeletonTests
{
    private static readonly BarFacts Bar = FullBar.Read(
        FullBar.Document with
        {
            Ingredients =
            [
                .. FullBar.Document.Ingredients,
                new()
                {
                    Id = "brew",
                    Name = "Strong brew",
                    Kind = "coffee",
                    DensityGramsPerMl = 1,
                    Colour = "#3d2314",
                    ServedCelsius = 85,
                    StrengthPercent = 4,
                },
            ],
            Coffees =
            [
                new()
                {
                    Id = "batch",
                    Name = "Batch",
                    Ingredient = "coffee",
                    Method = "batch",
                    CoffeeGrams = 70,
                    WaterGrams = 1000,
                    ExtractionPercent = 20,
                },
                new()
                {
                    Id = "brew",
                    Name = "Strong",
                    Ingredient = "brew",
                    Method = "strong",
                    CoffeeGrams = 120,
                    WaterGrams = 500,
                    ExtractionPercent = 20,
                },
            ],
        }
    );

    public static TheoryData<DrinkBase, Serve, string> Everything
    {
        get
        {
            var data = new TheoryData<DrinkBase, Serve, string>();
            foreach (
                var made in new[]
                {
                    DrinkBase.Espresso,
                    DrinkBase.Batch,
                    DrinkBase.Strong,
                    DrinkBase.Powder,
                    DrinkBase.Chocolate,
                }
            )
            {
                foreach (var serve in Enum.GetValues<Serve>())
                {
                    // As heavy as milk: no layer of it holds.
                    if ((made, serve) == (DrinkBase.Batch, Serve.Layered))
                    {
                        continue;
                    }

                    data.Add(made, serve, "s m l");
                    data.Add(made, serve, "l");
                }
            }

            return data;
        }
    }

    [Theory]
    [MemberData(nameof(Everything))]
    public void A_proposal_fits_is_nearly_full_and_has_no_fault(DrinkBase made, Serve serve, string cups)
    {
        var sizes = cups.Split(' ');
        var build = Skeleton.Propose(made, serve, [.. sizes.Select(id => new CupId(id))], Bar).Value.Build;
        var sheet = FullBar.Mix(build with { Name = "New" }, Bar);
        var reference = sheet.Sizes.Single(size => size.IsReference);

        Assert.Equal(sizes, sheet.Sizes.Select(size => size.Size.Value));
        Assert.Equal(serve, sheet.Serve);
        Assert.InRange(reference.Fill.RoomLeft.Value, 0, 45);
        Assert.Empty(
            sheet.Findings.Where(finding => finding.Severity != Severity.Note).Select(finding => finding.Message)
        );
        Assert.All(reference.Lines, line => Assert.True(line.Amount > 0, line.IngredientName));
    }

    // Room below a reserve of 10 mm: 180, 360 and 540 ml. Two strokes and 12 g to 300 ml; a third of the room is ice
    // where it is cold; two shots, and a third from 520 ml of room on; milk takes what is left, in steps of 5 ml. Sauce goes by its usual 12.5 ml to 100 ml of milk and ice, weighed to a gram.
    [Theory]
    [InlineData(DrinkBase.Espresso, Serve.Hot, "s", "1 stroke syrup; 2 shot espresso; # ml milk steam low")]
    [InlineData(DrinkBase.Espresso, Serve.Hot, "m", "2 stroke syrup; 2 shot espresso; # ml milk steam low")]
    [InlineData(DrinkBase.Espresso, Serve.Hot, "l", "4 stroke syrup; 3 shot espresso; # ml milk steam low")]
    [InlineData(DrinkBase.Espresso, Serve.Iced, "s", "1 stroke syrup; 2 shot espresso cool; # ml milk stir; 60 g ice")]
    [InlineData(DrinkBase.Espresso, Serve.Iced, "m", "2 stroke syrup; 2 shot espresso cool; # ml milk stir; 120 g ice")]
    [InlineData(DrinkBase.Espresso, Serve.Iced, "l", "4 stroke syrup; 3 shot espresso cool; # ml milk stir; 180 g ice")]
    [InlineData(DrinkBase.Chocolate, Serve.Hot, "m", "36 g sauce; 2 shot espresso stir; # ml milk steam low")]
    [InlineData(
        DrinkBase.Chocolate,
        Serve.Iced,
        "m",
        "40 g sauce dissolve; 2 shot espresso cool; # ml milk stir; 120 g ice"
    )]
    [InlineData(DrinkBase.Powder, Serve.Hot, "m", "14 g cocoa dissolve; # ml milk steam low")]
    [InlineData(DrinkBase.Powder, Serve.Iced, "m", "14 g cocoa dissolve; # ml milk; 120 g ice")]
    [InlineData(DrinkBase.Strong, Serve.Hot, "m", "2 stroke syrup; 60 ml brew; # ml milk steam low")]
    [InlineData(DrinkBase.Strong, Serve.Iced, "m", "2 stroke syrup; 60 ml brew cool; # ml milk stir; 120 g ice")]
    [InlineData(DrinkBase.Batch, Serve.Hot, "m", "2 stroke syrup; # ml coffee; 90 ml milk steam low")]
    [InlineData(DrinkBase.Batch, Serve.Iced, "m", "2 stroke syrup; # ml coffee; 60 ml milk stir; 120 g ice")]
    public void A_proposal_is_made_of_the_house_s_own_parts_and_measures(
        DrinkBase made,
        Serve serve,
        string cup,
        string lines
    )
    {
        var build = Skeleton.Propose(made, serve, [new(cup)], Bar).Value.Build;
        var filler = made == DrinkBase.Batch ? "coffee" : "milk";
        var said = build.Lines.Select(line =>
            string.Create(
                CultureInfo.InvariantCulture,
                $"{(line.Ingredient == filler ? "#" : line.Amount)} {line.Measure} {line.Ingredient}{(line.Technique is null ? "" : $" {line.Technique}")}{(line.Foam is null ? "" : $" {line.Foam}")}"
            )
        );

        Assert.Equal(lines, string.Join("; ", said));
        Assert.Equal((10, cup, "with-the-cup"), (build.ReserveMm, build.ReferenceSize, build.School));

        // As full as steps of 5 ml bring it, with what steam and foam add.
        Assert.InRange(FullBar.Mix(build with { Name = "New" }, Bar).Sizes[0].Fill.RoomLeft.Value, 0, 9);
    }

    // The house's own chocolate comes first, and of several the lead chooses; a flavour beside it shares the dose where
    // both are sauces.
    [Fact]
    public void What_the_house_has_can_be_chosen()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Parts =
                [
                    new()
                    {
                        Id = "house-chocolate",
                        Name = "House chocolate",
                        Kind = "sauce",
                        Colour = "#4a2318",
                        Lines =
                        [
                            new()
                            {
                                Ingredient = "sauce",
                                Amount = 200,
                                Measure = "g",
                            },
                            new()
                            {
                                Ingredient = "milk",
                                Amount = 100,
                                Measure = "g",
                            },
                        ],
                    },
                ],
            }
        );
        var choice = Skeleton.Choices(bar).Single(one => one.Base == DrinkBase.Chocolate);
        Assert.Equal(["House chocolate", "Dark sauce"], choice.Of.Select(of => of.Name));
        Assert.Equal(
            ["Syrup", "Light syrup", "Dark sauce", "White sauce", "House chocolate"],
            Skeleton.Flavours(bar).Select(flavour => flavour.Name)
        );

        Assert.Equal(["house-chocolate", "espresso", "milk"], Lines(null, null));
        Assert.Equal(["sauce", "white", "espresso", "milk"], Lines("sauce", "white"));
        Assert.Equal(
            ["espresso", "milk"],
            Skeleton
                .Propose(DrinkBase.Espresso, Serve.Hot, [new("m")], bar, flavour: "")
                .Value.Build.Lines.Select(line => line.Ingredient)
        );
        var two = Skeleton.Propose(DrinkBase.Chocolate, Serve.Hot, [new("m")], bar, "sauce", "white").Value.Build;
        Assert.DoesNotContain(FullBar.Mix(two with { Name = "New" }, bar).Findings, finding =>
            finding.Severity != Severity.Note
        );
        Assert.Equal(
            "of",
            Assert.Single(Skeleton.Propose(DrinkBase.Chocolate, Serve.Hot, [new("m")], bar, "milk").Problems).Field
        );
        Assert.Equal(
            "flavour",
            Assert
                .Single(Skeleton.Propose(DrinkBase.Chocolate, Serve.Hot, [new("m")], bar, null, "milk").Problems)
                .Field
        );

        IEnumerable<string> Lines(string? of, string? flavour) =>
            Skeleton
                .Propose(DrinkBase.Chocolate, Serve.Hot, [new("m")], bar, of, flavour)
                .Value.Build.Lines.Select(line => line.Ingredient!);
    }

    [Fact]
    public void A_bar_without_a_pump_foam_or_a_stirred_base_has_a_proposal_too()
    {
        var bare = FullBar.Read(FullBar.Document with { Dispensers = [], Foams = [] });
        var hot = Skeleton.Propose(DrinkBase.Espresso, Serve.Hot, [new("m")], bare).Value.Build;
        Assert.Equal(
            [("syrup", "ml"), ("espresso", "shot"), ("milk", "ml")],
            hot.Lines.Select(line => (line.Ingredient!, line.Measure!))
        );
        Assert.Equal(18, hot.Lines[0].Amount!.Value, 1e-9); // 2.4 strokes of 7.5 ml.
        Assert.All(hot.Lines, line => Assert.Null(line.Foam));
        Assert.Null(hot.Lines[2].Technique);
    }

    [Fact]
    public void The_middle_cup_is_the_reference_and_a_low_cup_keeps_half_its_height()
    {
        Assert.Equal(
            "m",
            Skeleton
                .Propose(DrinkBase.Espresso, Serve.Hot, [new("s"), new("m"), new("l")], Bar)
                .Value.Build.ReferenceSize
        );
        Assert.Equal(
            "s",
            Skeleton.Propose(DrinkBase.Espresso, Serve.Hot, [new("s"), new("m")], Bar).Value.Build.ReferenceSize
        );

        // A reserve of 60 mm would leave less than half of a cup of 100 mm, and less still of one of 80 mm.
        var low = FullBar.Read(
            FullBar.Document with
            {
                House = FullBar.Document.House with { ReserveMm = 60 },
                Cups =
                [
                    FullBar.Document.Cups[0] with
                    {
                        HeightMm = 80,
                        WaterGrams = 160 * 0.99997,
                    },
                    .. FullBar.Document.Cups.Skip(1),
                ],
            }
        );
        Assert.Equal(
            40,
            Skeleton.Propose(DrinkBase.Espresso, Serve.Hot, [new("s"), new("m")], low).Value.Build.ReserveMm
        );
        Assert.Equal(50, Skeleton.Propose(DrinkBase.Espresso, Serve.Hot, [new("m")], low).Value.Build.ReserveMm);
    }

    [Fact]
    public void A_base_is_what_the_bar_can_make()
    {
        // Of two strong brews the one that is called so; of two espressos the one with a recipe; of powders and sauces
        // what has coffee or cocoa in it.
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    new()
                    {
                        Id = "bare",
                        Name = "Bare espresso",
                        Kind = "espresso",
                        DensityGramsPerMl = 1,
                        Colour = "#3d2314",
                    },
                    new()
                    {
                        Id = "sugar",
                        Name = "Sugar",
                        Kind = "powder",
                        DensityGramsPerMl = 0.8,
                        Colour = "#ffffff",
                    },
                    new()
                    {
                        Id = "caramel",
                        Name = "Caramel sauce",
                        Kind = "sauce",
                        DensityGramsPerMl = 1.3,
                        Colour = "#aa7733",
                    },
                    new()
                    {
                        Id = "plain",
                        Name = "Plain syrup",
                        Kind = "syrup",
                        DensityGramsPerMl = 1.3,
                        Colour = "#eeeeee",
                    },
                    new()
                    {
                        Id = "stove",
                        Name = "Stove coffee",
                        Kind = "coffee",
                        DensityGramsPerMl = 1,
                        Colour = "#3d2314",
                    },
                    new()
                    {
                        Id = "strong",
                        Name = "Strong coffee",
                        Kind = "coffee",
                        DensityGramsPerMl = 1,
                        Colour = "#3d2314",
                    },
                    .. FullBar.Document.Ingredients,
                ],
                Coffees =
                [
                    new()
                    {
                        Id = "1",
                        Name = "Stove",
                        Ingredient = "stove",
                        Method = "stoveTop",
                        CoffeeGrams = 30,
                        WaterGrams = 300,
                        ExtractionPercent = 20,
                    },
                    new()
                    {
                        Id = "2",
                        Name = "Strong",
                        Ingredient = "strong",
                        Method = "strong",
                        CoffeeGrams = 30,
                        WaterGrams = 150,
                        ExtractionPercent = 20,
                    },
                ],
            }
        );

        Assert.Equal("strong", First(DrinkBase.Strong, "coffee"));
        Assert.Equal("espresso", First(DrinkBase.Espresso, "coffee"));
        Assert.Equal("syrup", First(DrinkBase.Espresso, "flavour"));
        Assert.Equal("cocoa", First(DrinkBase.Powder, "base"));
        Assert.Equal("sauce", First(DrinkBase.Chocolate, "base"));
        Assert.Equal(
            "stove",
            First(
                DrinkBase.Strong,
                "coffee",
                FullBar.Read(
                    FullBar.Document with
                    {
                        Ingredients =
                        [
                            new()
                            {
                                Id = "stove",
                                Name = "Stove coffee",
                                Kind = "coffee",
                                DensityGramsPerMl = 1,
                                Colour = "#3d2314",
                            },
                            .. FullBar.Document.Ingredients,
                        ],
                        Coffees =
                        [
                            new()
                            {
                                Id = "1",
                                Name = "Stove",
                                Ingredient = "stove",
                                Method = "stoveTop",
                                CoffeeGrams = 30,
                                WaterGrams = 300,
                                ExtractionPercent = 20,
                            },
                        ],
                    }
                )
            )
        );

        string First(DrinkBase made, string line, BarFacts? at = null) =>
            Skeleton
                .Propose(made, Serve.Hot, [new("m")], at ?? bar)
                .Value.Build.Lines.Single(one => one.Id == line)
                .Ingredient!;
    }

    [Fact]
    public void A_bar_that_lacks_everything_says_what()
    {
        var empty = FullBar.Read(
            FullBar.Document with
            {
                Ingredients = [.. FullBar.Document.Ingredients.Where(one => one.Kind is "milk")],
                Dispensers = [],
                Espresso = [],
                Coffees = [],
            }
        );
        Assert.Equal(
            [
                "The bar has no espresso with a recipe.",
                "The bar has no coffee with a batch recipe.",
                "The bar has no coffee with a cold brew recipe.",
                "The bar has no coffee with a strong brew recipe.",
                "The bar has no instant coffee or cocoa.",
                "The bar has no chocolate sauce of which the caffeine is known.",
                "The bar has no tea.",
            ],
            Skeleton.Choices(empty).OrderBy(choice => choice.Base).Select(choice => choice.Missing!)
        );
        Assert.Equal(
            ["Espresso", "Brewed iced coffee", "Cold brew", "Strong brew", "Powder", "Chocolate and espresso", "Tea"],
            Skeleton.Choices(empty).OrderBy(choice => choice.Base).Select(choice => choice.Name)
        );
        var problem = Assert.Single(Skeleton.Propose(DrinkBase.ColdBrew, Serve.Hot, [new("m")], Bar).Problems);
        Assert.Equal(("coldBrew", "espresso, batch, strong, powder, chocolate"), (problem.Value, problem.Accepted));
    }

    [Fact]
    public void Flavour_goes_in_first_and_ice_last_unless_it_is_layered()
    {
        Assert.Equal(["Syrup", "Espresso", "Milk", "Ice"], Names(Serve.Iced));
        Assert.Equal("Ice", Names(Serve.Layered)[0]);
        Assert.Equal("Espresso", Names(Serve.Layered)[^1]);
        Assert.Equal(["Syrup", "Espresso", "Milk"], Names(Serve.Hot));
    }

    [Fact]
    public void What_the_bar_lacks_is_said()
    {
        Assert.Equal(
            "base",
            Assert.Single(Skeleton.Propose(DrinkBase.ColdBrew, Serve.Iced, [new("m")], Bar).Problems).Field
        );
        Assert.Equal("sizes", Assert.Single(Skeleton.Propose(DrinkBase.Espresso, Serve.Iced, [], Bar).Problems).Field);
        Assert.Equal(
            "The bar has no coffee with a cold brew recipe.",
            Skeleton.Choices(Bar).Single(choice => choice.Base == DrinkBase.ColdBrew).Missing
        );
        Assert.Null(Skeleton.Choices(Bar).Single(choice => choice.Base == DrinkBase.Batch).Missing);
        Assert.Equal(
            "serve",
            Assert
                .Single(
                    Skeleton
                        .Propose(
                            DrinkBase.Espresso,
                            Serve.Iced,
                            [new("m")],
                            FullBar.Read(
                                FullBar.Document with
                                {
                                    Ingredients = [.. FullBar.Document.Ingredients.Where(one => one.Kind != "ice")],
                                }
                            )
                        )
                        .Problems
                )
                .Field
        );
    }

    private static string[] Names(Serve serve) =>
        [
            .. FullBar
                .Mix(
                    Skeleton.Propose(DrinkBase.Espresso, serve, [new("m")], Bar).Value.Build with
                    {
                        Name = "New",
                    },
                    Bar
                )
                .Sizes[0]
                .Lines.Select(line => line.IngredientName),
        ];
}
