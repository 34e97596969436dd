using BenchmarkDotNet.Attributes;
using Krasis.Core.Builds;
using Krasis.Core.Planning.Days;
using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Plans;
using Krasis.Core.Planning.Preparing;

namespace Krasis.Benchmarks;

/// <summary>A plan of 200 drinks in two sizes over 14 days, with twelve things that are made of one another and of 48
/// that are bought.</summary>
public class PrepBenchmarks
{
    private const int Drinks = 200;
    private const int Days = 14;
    private const int Made = 12;
    private const int Bought = 48;

    private static readonly string[] Sizes = ["small", "large"];

    private PlanInput input = null!;

    /// <summary>How many sets of freezer trays there are: with one, much is late, and what would help is
    /// tried.</summary>
    [Params(1, 6)]
    public int Trays { get; set; }

    [GlobalSetup]
    public void Prepare()
    {
        var first = new DateOnly(2026, 11, 25);
        var facts = PrepReader
            .Read(
                new PrepDocument
                {
                    Days = Days,
                    Hours =
                    [
                        .. Enumerable
                            .Range(0, 7)
                            .Select(_ => new HoursDocument
                            {
                                Opens = "07:30",
                                Closes = "18:00",
                                WorkFrom = "06:00",
                                WorkTo = "18:00",
                                People = 2,
                            }),
                    ],
                    Equipment =
                    [
                        new EquipmentDocument
                        {
                            Id = "hob",
                            Name = "hob",
                            Count = 2,
                        },
                        new EquipmentDocument
                        {
                            Id = "trays",
                            Name = "trays",
                            Count = Trays,
                        },
                    ],
                    Makings =
                    [
                        .. Enumerable
                            .Range(0, Made)
                            .Select(i => new MakingDocument
                            {
                                Ingredient = $"made-{i}",
                                BatchGrams = 40_000,
                                LeastGrams = 500,
                                WorkMinutes = 15,
                                WaitMinutes = i % 3 == 0 ? 300 : 60,
                                WorkOn = i % 4 == 0 ? ["hob"] : [],
                                WaitOn = i % 3 == 0 ? "trays" : null,
                                KeepsDays = 2 + (i % 5),
                            }),
                    ],
                }
            )
            .Value;
        var items = Enumerable
            .Range(0, Made)
            .Select(i => new PrepItem(
                Item.Ingredient($"made-{i}"),
                $"Made {i}",
                1,
                true,
                2 + (i % 5),
                true,
                false,
                i < 8
                    ? [(Item.Ingredient($"made-{8 + (i % 4)}"), 0.2), (Item.Ingredient($"bought-{i}"), 0.8)]
                    : [(Item.Ingredient($"bought-{i}"), 0.9)],
                null,
                null,
                null,
                0.002
            ))
            .Concat(
                Enumerable
                    .Range(0, Bought)
                    .Select(i => new PrepItem(
                        Item.Ingredient($"bought-{i}"),
                        $"Bought {i}",
                        1,
                        false,
                        null,
                        false,
                        false,
                        [],
                        1000,
                        "1000 g",
                        5,
                        0.005
                    ))
            );
        var what = Enumerable
            .Range(0, Drinks)
            .SelectMany(drink => Sizes.Select(size => (Drink: drink, What: new DrinkSize("", $"drink-{drink}", size))))
            .ToList();
        input = new PlanInput(
            new PlanClock(first, Days),
            9 * 60,
            facts,
            items.ToDictionary(item => item.Item),
            [
                .. Enumerable
                    .Range(0, Days)
                    .SelectMany(day =>
                        what.Select(each => new Expected(
                            first.AddDays(day),
                            each.What,
                            1 + (each.Drink % 7),
                            1.3 * (1 + (each.Drink % 7)),
                            false
                        ))
                    ),
            ],
            new Board(what.Select(each => each.What.Build).Distinct().ToDictionary(build => build, _ => (Season?)null)),
            what.ToDictionary(
                each => each.What,
                each =>
                    (IReadOnlyDictionary<Item, double>)
                        new Dictionary<Item, double>
                        {
                            [Item.Ingredient($"made-{each.Drink % 8}")] = each.What.Size == "small" ? 60 : 90,
                            [Item.Ingredient($"bought-{each.Drink % Bought}")] = 20,
                            [Item.Ingredient($"bought-{(each.Drink + 7) % Bought}")] = 180,
                        }
            ),
            what.Select(each => each.What.Build).Distinct().ToDictionary(build => build),
            [],
            [],
            new HashSet<string>()
        );
    }

    [Benchmark]
    public PrepPlan Plan() => PrepPlanner.Plan(input);
}
