using System.Globalization;
using Krasis.App.Prep;
using Krasis.App.Tastings;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Planning.Preparing;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Values;

namespace Krasis.App.Seeding;

/// <summary>How the demo café prepares: three weeks of made-up sales, what is in stock, and a lock festival on the next
/// Saturday for which one bucket is too few.</summary>
public static class SeedPrep
{
    private const int Days = 21;

    // The festival of the Saturday but one; the next one is as large.
    private const int FestivalAgo = 7;

    private static readonly string[] Stations = ["bar", "kiosk"];

    // How many cups of a drink go on a weekday at the bar, all sizes together; the kiosk sells half of it.
    private static readonly (string Drink, double Cups)[] Usual =
    [
        ("Hazelnut iced latte", 24),
        ("Orange peel mocha", 18),
        ("Maple iced coffee", 12),
        ("Lockside cold brew", 15),
        ("Black sesame latte", 9),
    ];

    // Monday first.
    private static readonly double[] Week = [0.9, 0.95, 1, 1, 1.15, 1.5, 1.25];

    private static readonly (string Item, double Amount, int Ago, int? Keeps)[] Lots =
    [
        ("ingredient:towpath-coffee", 7800, 1, 2),
        ("ingredient:slipway-coffee", 5600, 1, 2),
        ("ingredient:coffee-ice", 7400, 3, 14),
        ("ingredient:farm-milk", 34_000, 1, 6),
        ("ingredient:oat-drink", 9000, 6, 60),
        ("ingredient:hazelnut-syrup", 7400, 12, 300),
        ("ingredient:maple-syrup", 5900, 12, 300),
        ("ingredient:orange-syrup", 1500, 20, 300),
        ("ingredient:dark-sauce", 9100, 15, 200),
        ("ingredient:sesame-sauce", 14, 25, 120),
        ("ingredient:lock-cream", 650, 9, 7),
        ("ingredient:lock-cream", 1800, 2, 8),
        ("ingredient:orange-zest", 320, 10, 90),
        ("ground:lock-espresso", 9000, 8, 60),
        ("ground:towpath-coffee", 4500, 8, 60),
        ("ground:slipway-coffee", 2600, 8, 60),
        ("cup:plover", 240, 14, null),
        ("cup:heron", 160, 14, null),
        ("cup:sedge", 90, 14, null),
        ("cup:reed", 300, 14, null),
        ("cup:rush", 260, 14, null),
        ("cup:willow", 120, 14, null),
        ("cup:wren", 150, 14, null),
    ];

    private static readonly PrepDocument Prep = new()
    {
        LastsPercent = 90,
        Days = 7,
        Hours =
        [
            .. Enumerable
                .Range(0, 5)
                .Select(_ => new HoursDocument
                {
                    Opens = "07:30",
                    Closes = "18:00",
                    WorkFrom = "06:30",
                    WorkTo = "17:30",
                }),
            new HoursDocument
            {
                Opens = "08:00",
                Closes = "18:00",
                WorkFrom = "06:30",
                WorkTo = "17:30",
                People = 2,
            },
            new HoursDocument
            {
                Opens = "09:00",
                Closes = "16:00",
                WorkFrom = "07:30",
                WorkTo = "15:30",
            },
        ],
        Kinds =
        [
            new DayKindDocument
            {
                Id = "hot",
                Name = "Hot day",
                Percent = 125,
            },
            new DayKindDocument
            {
                Id = "festival",
                Name = "Lock festival",
                Percent = 170,
            },
        ],
        Equipment =
        [
            new EquipmentDocument
            {
                Id = "hob",
                Name = "hob",
                Count = 1,
            },
            new EquipmentDocument
            {
                Id = "bucket",
                Name = "steeping bucket",
                Count = 1,
            },
            new EquipmentDocument
            {
                Id = "trays",
                Name = "set of freezer trays",
                Count = 2,
            },
            new EquipmentDocument
            {
                Id = "brewer",
                Name = "batch brewer",
                Count = 1,
            },
        ],
        FridgeLitres = 60,
        Makings =
        [
            new MakingDocument
            {
                Ingredient = "towpath-coffee",
                BatchGrams = 9000,
                LeastGrams = 2000,
                WorkMinutes = 20,
                WaitMinutes = 90,
                Wait = "cool",
                WorkOn = ["brewer"],
                KeepsDays = 2,
                IsChilled = true,
                IsCooked = true,
            },
            new MakingDocument
            {
                Ingredient = "slipway-coffee",
                BatchGrams = 7000,
                LeastGrams = 1500,
                WorkMinutes = 20,
                WaitMinutes = 960,
                Wait = "steep",
                WaitOn = "bucket",
                KeepsDays = 2,
                IsChilled = true,
                Who = "IN",
            },
            new MakingDocument
            {
                Ingredient = "coffee-ice",
                BatchGrams = 6000,
                LeastGrams = 1000,
                WorkMinutes = 10,
                WaitMinutes = 300,
                Wait = "freeze",
                WaitOn = "trays",
                KeepsDays = 14,
            },
            new MakingDocument
            {
                Ingredient = "ginger-cordial",
                BatchGrams = 3000,
                LeastGrams = 600,
                WorkMinutes = 35,
                WaitMinutes = 120,
                Wait = "cool",
                WorkOn = ["hob"],
                IsCooked = true,
            },
            new MakingDocument
            {
                Ingredient = "tide-milk",
                BatchGrams = 4000,
                LeastGrams = 500,
                WorkMinutes = 10,
                IsChilled = true,
            },
        ],
        Buying =
        [
            new BuyingDocument
            {
                Item = "ingredient:farm-milk",
                ParPacks = 6,
                LeadDays = 1,
            },
            new BuyingDocument
            {
                Item = "ingredient:oat-drink",
                ParPacks = 4,
                LeadDays = 2,
            },
            new BuyingDocument
            {
                Item = "ingredient:sesame-sauce",
                ParPacks = 1,
                LeadDays = 3,
            },
            new BuyingDocument
            {
                Item = "ground:lock-espresso",
                ParPacks = 2,
                LeadDays = 4,
            },
            .. new[] { "plover", "heron", "sedge", "reed", "rush", "willow", "wren" }.Select(cup => new BuyingDocument
            {
                Item = $"cup:{cup}",
                ParPacks = 1,
                LeadDays = 5,
                PackPieces = 50,
            }),
        ],
    };

    /// <summary>Fills it.</summary>
    /// <param name="session">The file, with the demo's standards in it.</param>
    /// <param name="today">The day.</param>
    /// <param name="now">The moment.</param>
    public static void Fill(Session session, DateOnly today, DateTimeOffset now)
    {
        session.Prep.Save(0, Tasted.Write(Prep));
        var saturday = today.AddDays(((int)DayOfWeek.Saturday - (int)today.DayOfWeek + 7) % 7);
        session.Prep.SetKind(Kitchen.Written(saturday), "festival");
        session.Prep.SetKind(Kitchen.Written(saturday.AddDays(-FestivalAgo)), "festival");
        session.Prep.SetKind(Kitchen.Written(saturday.AddDays(-2 * FestivalAgo)), "festival");
        Sell(session, today);
        var number = new Dictionary<string, int>();
        foreach (var (item, amount, ago, keeps) in Lots)
        {
            var day = today.AddDays(-ago);
            var prefix = day.ToString("yyMMdd", CultureInfo.InvariantCulture);
            number[prefix] = number.GetValueOrDefault(prefix) + 1;
            var isMade = Prep.Makings.Any(making => item == $"ingredient:{making.Ingredient}");
            session.Prep.Write(
                new LotRow(
                    0,
                    Guid.CreateVersion7().ToString(),
                    Timestamp.Write(now.AddDays(-ago)),
                    $"{prefix}-{number[prefix]:00}",
                    item,
                    isMade ? "made" : "bought",
                    amount,
                    Kitchen.Written(day),
                    keeps is { } days ? Kitchen.Written(DateMarking.LastDay(day, days)) : null,
                    null,
                    null,
                    isMade ? "IN" : "TO",
                    null
                )
            );
        }
    }

    private static void Sell(Session session, DateOnly today)
    {
        // The same three weeks every time, whenever they are.
        var dice = new Random(31_417);
        var drinks = session
            .Standards.Newest()
            .ToDictionary(
                standard => standard.Document.Name!,
                standard => (standard, Bar: BarReader.Read(standard.Bar).Value)
            );
        for (var ago = Days; ago > 0; ago--)
        {
            var day = today.AddDays(-ago);
            var factor =
                Week[((int)day.DayOfWeek + 6) % 7] * (session.Prep.Kinds().ContainsKey(Kitchen.Written(day)) ? 1.7 : 1);
            foreach (var station in Stations)
            {
                var rows = new List<SoldRow>();
                foreach (var (name, cups) in Usual)
                {
                    var (standard, bar) = drinks[name];
                    var sizes = standard
                        .Document.Sizes.Where(size => bar.Cups.First(cup => cup.Id.Value == size).IsAt(station))
                        .ToList();
                    for (var i = 0; i < sizes.Count; i++)
                    {
                        // The middle sizes sell most.
                        var share = (i == sizes.Count / 2 ? 1.6 : 1) / (sizes.Count + 0.6);
                        rows.Add(
                            new SoldRow(
                                Kitchen.Written(day),
                                station,
                                standard.BuildId,
                                sizes[i],
                                Poisson(cups * factor * share * (station == "bar" ? 1 : 0.5), dice)
                            )
                        );
                    }
                }

                session.Prep.Sell(Kitchen.Written(day), station, rows);
            }
        }
    }

    // Knuth's: counting how many random factors it takes to fall below e^-mean.
    private static int Poisson(double mean, Random dice)
    {
        var (count, product, least) = (-1, 1.0, Math.Exp(-mean));
        while (product > least)
        {
            product *= dice.NextDouble();
            count++;
        }

        return count;
    }
}
