using System.Globalization;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Making;
using Krasis.Core.Making.Telling;
using PdfSharp.Drawing;

namespace Krasis.Exchange.Books;

/// <summary>The standards of a house as one book to be printed: cover, contents, the board, a card each, allergens and
/// nutrition, cautions. Its fonts are in it, its chapters in the outline, and its text can be copied.</summary>
public static class StandardsBook
{
    private const string Board = "On the board",
        Table = "Allergens and nutrition",
        Cautions = "Cautions";

    /// <summary>Writes a book.</summary>
    /// <param name="cover">What it says of itself.</param>
    /// <param name="drinks">The standards, in the order in which they stand in it.</param>
    /// <returns>A PDF.</returns>
    public static byte[] Write(BookCover cover, IReadOnlyList<BookDrink> drinks)
    {
        // The contents stand before what they tell the pages of: the first time says how many pages there are of
        // everything.
        var chapters = Lay(cover, drinks, []).Chapters;
        return Lay(cover, drinks, chapters).Save();
    }

    private static BookPages Lay(
        BookCover cover,
        IReadOnlyList<BookDrink> drinks,
        IReadOnlyList<(string Title, int Page)> chapters
    )
    {
        var book = new BookPages(cover);
        Cover(book, cover, drinks);
        Contents(book, chapters);
        BoardChapter(book, drinks);
        foreach (var drink in drinks)
        {
            book.Chapter(drink.Name);
            Card(book, drink);
        }

        TableChapter(book, drinks);
        CautionsChapter(book, drinks);
        return book;
    }

    private static void BoardChapter(BookPages book, IReadOnlyList<BookDrink> drinks)
    {
        book.Chapter(Board);
        book.Text(Board, 20, isBold: true);
        book.Space(8);
        book.Table(
            ["Drink", "Cups", "When", "Standard"],
            [
                .. drinks.Select(drink =>
                    (IReadOnlyList<string>)
                        [
                            drink.Name,
                            string.Join(", ", drink.Plans.Select(plan => plan.SizeName)),
                            When(drink),
                            Standard(drink),
                        ]
                ),
            ],
            [3, 3, 2.2, 2.2]
        );
    }

    private static void TableChapter(BookPages book, IReadOnlyList<BookDrink> drinks)
    {
        book.Chapter(Table);
        book.Text(Table, 20, isBold: true);
        book.Text(
            "A portion, worked out from labels. What is on no label is no promise: shared wands, pitchers and blenders carry traces.",
            10,
            brush: XBrushes.DimGray
        );
        book.Space(8);
        book.Table(
            [
                "Drink",
                "Cup",
                "kJ",
                "kcal",
                "Fat g",
                "Sat. g",
                "Carb. g",
                "Sugars g",
                "Prot. g",
                "Salt g",
                "Caffeine mg",
            ],
            [.. drinks.SelectMany(Nutrition)],
            [3, 1.6, 1, 1, 1, 1, 1.1, 1.2, 1.1, 1, 1.6],
            8.5
        );
        book.Space(14);
        book.Table(
            ["Drink", "Contains", "May contain", "Unknown (label not read)"],
            [.. drinks.Select(Allergens)],
            [2.4, 3, 2, 2],
            9
        );
    }

    private static void CautionsChapter(BookPages book, IReadOnlyList<BookDrink> drinks)
    {
        book.Chapter(Cautions);
        book.Text(Cautions, 20, isBold: true);
        book.Space(8);
        foreach (
            var caution in drinks
                .SelectMany(drink =>
                    drink.Plans.SelectMany(plan => plan.Cautions.Concat(plan.Steps.SelectMany(step => step.Cautions)))
                )
                .Distinct()
        )
        {
            book.Text($"• {caution}", indent: 0);
            book.Space(3);
        }

        book.Space(6);
        book.Text(
            "Your local food code, and licensed practice, go before anything that stands here.",
            10,
            brush: XBrushes.DimGray
        );
    }

    private static void Cover(BookPages book, BookCover cover, IReadOnlyList<BookDrink> drinks)
    {
        book.Turn();
        book.Space(180);
        book.Text(cover.Title, 34, isBold: true);
        book.Space(10);
        book.Text(
            string.Create(
                CultureInfo.InvariantCulture,
                $"{drinks.Count} {(drinks.Count == 1 ? "drink" : "drinks")} on the board on {Day(cover.Day)}"
            ),
            15
        );
        if (cover.Station is { } station)
        {
            book.Text($"As made at the station {station}", 15);
        }
    }

    private static void Contents(BookPages book, IReadOnlyList<(string Title, int Page)> chapters)
    {
        book.Turn();
        book.Text("Contents", 20, isBold: true);
        book.Space(8);
        foreach (var (title, page) in chapters)
        {
            book.Entry(title, page.ToString(CultureInfo.InvariantCulture));
        }
    }

    private static void Card(BookPages book, BookDrink drink)
    {
        book.Text(drink.Name, 22, isBold: true);
        book.Text($"{Standard(drink)} · {When(drink)}", 10, brush: XBrushes.DimGray);
        book.Space(10);

        // Sizes whose steps are other ones stand by themselves.
        foreach (var same in drink.Plans.GroupBy(plan => string.Join('\n', plan.Steps.Select(step => step.Title))))
        {
            var plans = same.ToList();
            book.Table(
                ["", .. plans.Select(plan => plan.SizeName), "How"],
                [
                    .. plans[0]
                        .Steps.Select(
                            (step, i) =>
                                (IReadOnlyList<string>)
                                    [
                                        string.Create(CultureInfo.InvariantCulture, $"{step.Number}. {step.Title}"),
                                        .. plans.Select(plan =>
                                            string.Join(
                                                '\n',
                                                new[] { plan.Steps[i].Amount, plan.Steps[i].Beside }.Where(part =>
                                                    part.Length > 0
                                                )
                                            )
                                        ),
                                        string.Join(
                                            " ",
                                            new[]
                                            {
                                                Same(plans, plan => plan.Steps[i].How),
                                                Same(plans, plan => plan.Steps[i].See),
                                            }.Where(part => part.Length > 0)
                                        ),
                                    ]
                        ),
                ],
                [2.2, .. plans.Select(_ => 1.5), 3.6],
                plans.Count > 4 ? 8 : 9.5
            );
            book.Space(12);
        }

        foreach (var said in RecipeText.Told(drink.Plans))
        {
            book.Text(said, 9.5);
            book.Space(2);
        }
    }

    // What is said of one size only, such as how high it stands then, is for that size's own card.
    private static string Same(IReadOnlyList<MakingPlan> plans, Func<MakingPlan, string?> of)
    {
        var all = plans
            .Select(plan => (of(plan) ?? "").Split(". ").Select(sentence => sentence.TrimEnd('.')).ToList())
            .ToList();
        var same = all[0]
            .Where(sentence => sentence.Length > 0 && all.TrueForAll(other => other.Contains(sentence)))
            .ToList();
        return same.Count == 0 ? "" : $"{string.Join(". ", same)}.";
    }

    private static IEnumerable<IReadOnlyList<string>> Nutrition(BookDrink drink) =>
        drink
            .Sizes.Select(size => (size, facts: size.Inside.Nutrition))
            .Select(one =>
                (IReadOnlyList<string>)
                    [
                        drink.Name,
                        one.size.Name,
                        Say(one.facts.EnergyKj?.Value, "0"),
                        Say(one.facts.Energy?.Value, "0"),
                        Say(one.facts.Fat?.Value, "0.0"),
                        Say(one.facts.Saturates?.Value, "0.0"),
                        Say(one.facts.Carbohydrate?.Value, "0.0"),
                        Say(one.facts.Sugars?.Value, "0.0"),
                        Say(one.facts.Protein?.Value, "0.0"),
                        Say(one.facts.Salt?.Value, "0.00"),
                        one.facts.CaffeineFrom is { } from && one.facts.CaffeineTo is { } to
                            ? $"{Say(from.Value, "0")}–{Say(to.Value, "0")}"
                            : "not known",
                    ]
            );

    private static IReadOnlyList<string> Allergens(BookDrink drink)
    {
        // Of sizes that differ, each cell has all that is in any of them.
        var found = drink.Sizes.SelectMany(size => size.Inside.Allergens.Found).ToList();
        var unread = drink.Sizes.SelectMany(size => size.Inside.Allergens.Unknown).Distinct().ToList();
        var unknown = unread.Count > 0;
        return
        [
            drink.Name,
            Cell([.. found.Where(one => !one.IsTrace).Select(one => one.Name).Distinct()], unknown),
            Cell([.. found.Where(one => one.IsTrace).Select(one => one.Name).Distinct()], unknown),
            string.Join(", ", unread),
        ];

        // An empty cell would look like "none", and so would a list that may be short of something.
        static string Cell(IReadOnlyList<string> names, bool unknown) =>
            (names.Count, unknown) switch
            {
                (0, true) => "unknown",
                (0, false) => AllergenWords.NoneListed,
                (_, true) => $"{string.Join(", ", names)}; the rest is unknown",
                _ => string.Join(", ", names),
            };
    }

    private static string Say(double? number, string format) =>
        number is { } known ? known.ToString(format, CultureInfo.InvariantCulture) : "not known";

    private static string When(BookDrink drink) =>
        drink.Season is { } season ? $"{season.From} to {season.To}" : "all year";

    private static string Standard(BookDrink drink) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"Standard {drink.Number}, {Day(DateOnly.FromDateTime(drink.PublishedAt.UtcDateTime))}"
        );

    private static string Day(DateOnly day) => day.ToString("d MMMM yyyy", CultureInfo.InvariantCulture);
}
