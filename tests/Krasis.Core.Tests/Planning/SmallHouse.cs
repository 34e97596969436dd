using Krasis.Core.Builds;
using Krasis.Core.Planning.Days;
using Krasis.Core.Planning.Expecting;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Plans;
using Krasis.Core.Planning.Preparing;
using Krasis.Core.Planning.Stocking;

namespace Krasis.Core.Tests.Planning;

/// <summary>A house with one drink, one milk mix that keeps two days, and a syrup in it and beside it.</summary>
internal static class SmallHouse
{
    public static readonly Item Mix = Item.Ingredient("mix");
    public static readonly Item Syrup = Item.Ingredient("syrup");
    public static readonly Item FarmMilk = Item.Ingredient("milk");
    public static readonly Item Sugar = Item.Ingredient("sugar");
    public static readonly DrinkSize Drink = new("", "drink", "small");
    public static readonly DateOnly Thursday = new(2026, 11, 26);

    public static readonly PrepDocument Prep = new()
    {
        Days = 4,
        Hours =
        [
            .. Enumerable
                .Range(0, 7)
                .Select(_ => new HoursDocument
                {
                    Opens = "08:00",
                    Closes = "18:00",
                    WorkFrom = "07:00",
                    WorkTo = "17:00",
                }),
        ],
        Equipment =
        [
            new EquipmentDocument
            {
                Id = "hob",
                Name = "hob",
                Count = 1,
            },
        ],
        Makings =
        [
            new MakingDocument
            {
                Ingredient = "mix",
                BatchGrams = 8000,
                LeastGrams = 600,
                WorkMinutes = 10,
            },
            new MakingDocument
            {
                Ingredient = "syrup",
                BatchGrams = 2000,
                LeastGrams = 500,
                WorkMinutes = 30,
                WaitMinutes = 120,
                Wait = "cool",
                WorkOn = ["hob"],
            },
        ],
    };

    public static readonly IReadOnlyDictionary<Item, PrepItem> Catalogue = new[]
    {
        new PrepItem(
            Mix,
            "Mix",
            1,
            true,
            2,
            true,
            false,
            [(Syrup, 1 / 6.0), (FarmMilk, 5 / 6.0)],
            null,
            null,
            null,
            0.002
        ),
        new PrepItem(Syrup, "Syrup", 1.2, true, 14, false, false, [(Sugar, 0.5)], null, null, null, 0.003),
        new PrepItem(FarmMilk, "Milk", 1.03, false, null, true, false, [], 1000, "1 l", 1.1, 0.0011),
        new PrepItem(Sugar, "Sugar", 0.9, false, null, false, false, [], 5000, "5 kg", 6, 0.0012),
    }.ToDictionary(item => item.Item);

    /// <summary>Twenty cups on each of the three days after today, each of 150 g of the mix and 20 g of the
    /// syrup.</summary>
    public static PlanInput Given(
        PrepDocument? prep = null,
        int now = 9 * 60,
        IReadOnlyList<Lot>? stock = null,
        IReadOnlyList<SetBatch>? set = null,
        double cups = 20
    )
    {
        var facts = PrepReader.Read(prep ?? Prep).Value;
        return new PlanInput(
            new PlanClock(Thursday, facts.Days),
            now,
            facts,
            Catalogue,
            [.. Enumerable.Range(1, 3).Select(day => new Expected(Thursday.AddDays(day), Drink, cups, cups, true))],
            new Board(new Dictionary<string, Season?> { ["drink"] = null }),
            new Dictionary<DrinkSize, IReadOnlyDictionary<Item, double>>
            {
                [Drink] = new Dictionary<Item, double> { [Mix] = 150, [Syrup] = 20 },
            },
            new Dictionary<string, string> { ["drink"] = "Drink" },
            stock ?? [],
            set ?? [],
            new HashSet<string>()
        );
    }
}
