using Krasis.LibraryBenchmark;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Values;

namespace Krasis.YearsBenchmark;

/// <summary>Three years of a busy café, all of them invented: makes with their pours, cups that were sold, and the book of
/// stock.</summary>
internal static class BusyYears
{
    private const int Days = 3 * 365;
    private const int MakesADay = 46;
    private const int SoldADay = 85;
    private const int LotsADay = 6;

    private static readonly DateTimeOffset Today = new(2026, 11, 25, 6, 0, 0, TimeSpan.Zero);

    /// <summary>Fills a file.</summary>
    /// <returns>What is in it, in words.</returns>
    public static string Fill(string path)
    {
        var file = KrasisFile.Open(path);
        var (drinks, items) = file.Read(session =>
            (
                session
                    .Standards.Newest()
                    .SelectMany(standard =>
                        standard.Document.Sizes.Select(size => (standard.BuildId, standard.Document.Name, size))
                    )
                    .ToList(),
                session.Prep.ItemsInBook()
            )
        );
        var dice = new Random(11);
        for (var month = 0; month < 36; month++)
        {
            file.Write(session =>
            {
                for (var day = month * Days / 36; day < (month + 1) * Days / 36; day++)
                {
                    var date = Today.AddDays(day - Days);
                    Make(session, date, drinks, dice);
                    Sell(session, date, drinks, dice);
                    Stock(session, date, items, dice);
                }

                return true;
            });
        }

        return $"{Days * MakesADay:N0} makes, {Days * SoldADay:N0} rows of sold cups, {file.Read(session => session.Prep.BookLength):N0} lines in the book of stock";
    }

    private static void Make(
        Session session,
        DateTimeOffset date,
        List<(string Build, string? Name, string Size)> drinks,
        Random dice
    )
    {
        for (var i = 0; i < MakesADay; i++)
        {
            var (build, name, size) = drinks[dice.Next(drinks.Count)];
            session.Makes.Add(
                InventedMake.Of(
                    i,
                    Guid.NewGuid().ToString("N"),
                    (build, name ?? "", size, size),
                    i % 3 == 0,
                    date.AddMinutes(i * 11),
                    dice
                )
            );
        }
    }

    private static void Sell(
        Session session,
        DateTimeOffset date,
        List<(string Build, string? Name, string Size)> drinks,
        Random dice
    )
    {
        var day = LotBalances.Day(DateOnly.FromDateTime(date.DateTime));
        foreach (var station in new[] { "bar", "kiosk" })
        {
            session.Prep.Sell(
                day,
                station,
                drinks
                    .SelectMany(drink =>
                        new[] { new SoldRow(day, station, drink.Build, drink.Size, 1 + dice.Next(30)) }
                    )
                    .Concat(
                        Enumerable
                            .Range(0, Math.Max(0, (SoldADay / 2) - drinks.Count))
                            .Select(i => new SoldRow(day, station, $"retired-{i}", "plover", 1 + dice.Next(9)))
                    )
            );
        }
    }

    // Each lot is used up within days; now and then something is thrown away.
    private static void Stock(Session session, DateTimeOffset date, IReadOnlyList<string> items, Random dice)
    {
        var day = DateOnly.FromDateTime(date.DateTime);
        for (var i = 0; i < LotsADay; i++)
        {
            var (lot, item) = ($"{day:yyMMdd}-{i + 1:00}", items[dice.Next(items.Count)]);
            Write(lot, item, "bought", 1000, day.AddDays(6), 0);
            Write(lot, item, "used", -600, null, 1);
            Write(lot, item, "used", -300, null, 2);
            Write(lot, item, i == 0 ? "thrown" : "used", -100, null, 3);
        }

        void Write(string lot, string item, string move, double amount, DateOnly? useBy, int after) =>
            session.Prep.Write(
                new LotRow(
                    0,
                    Guid.NewGuid().ToString(),
                    Timestamp.Write(date.AddDays(after)),
                    lot,
                    item,
                    move,
                    amount,
                    LotBalances.Day(day.AddDays(after)),
                    useBy is { } last ? LotBalances.Day(last) : null,
                    null,
                    move == "thrown" ? "over date" : null,
                    "P1",
                    null
                )
            );
    }
}
