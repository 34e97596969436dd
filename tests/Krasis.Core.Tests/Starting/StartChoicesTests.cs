using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Tests.Starting;

/// <summary>What a new drink can be made of at this bar, and what the bar lacks.</summary>
public class StartChoicesTests
{
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
        var problem = Assert.Single(Skeleton.Propose(DrinkBase.ColdBrew, Serve.Hot, [new("m")], StartBar.Bar).Problems);
        Assert.Equal(("coldBrew", "espresso, batch, strong, powder, chocolate"), (problem.Value, problem.Accepted));
    }

    [Fact]
    public void What_the_bar_lacks_is_said()
    {
        Assert.Equal(
            "base",
            Assert.Single(Skeleton.Propose(DrinkBase.ColdBrew, Serve.Iced, [new("m")], StartBar.Bar).Problems).Field
        );
        Assert.Equal(
            "sizes",
            Assert.Single(Skeleton.Propose(DrinkBase.Espresso, Serve.Iced, [], StartBar.Bar).Problems).Field
        );
        Assert.Equal(
            "The bar has no coffee with a cold brew recipe.",
            Skeleton.Choices(StartBar.Bar).Single(choice => choice.Base == DrinkBase.ColdBrew).Missing
        );
        Assert.Null(Skeleton.Choices(StartBar.Bar).Single(choice => choice.Base == DrinkBase.Batch).Missing);
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
}
