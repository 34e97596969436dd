using Krasis.App.Builds;
using Krasis.App.Files;
using Krasis.App.Prep;
using Krasis.App.Shared;
using Krasis.App.Standards;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Input;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.App.Tests.Files;

/// <summary>The board as a table and the labels of lots say no less of allergens than the labels of what goes in do.
/// The labels are random, and the rule is reckoned here from the labels alone.</summary>
public sealed class AllergensThatGoOutTests
{
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void No_table_and_no_lot_says_less_than_the_labels(int seed)
    {
        using var cafe = new PloverLock();
        var library = new Library(cafe.File);
        var dice = new Random(seed);
        cafe.File.Write(session =>
        {
            foreach (var fact in session.Bar.List(BarKinds.Ingredients))
            {
                var labelled = fact.Document with { Allergens = Label(dice) };
                session.Bar.Update(BarKinds.Ingredients, fact.Id, fact.Version, labelled, cafe.Clock.GetUtcNow());
            }

            return 0;
        });
        foreach (var id in cafe.File.Read(session => session.Standards.Newest().Select(each => each.BuildId).ToList()))
        {
            var publish = new PublishRequest { Who = "Wynn", Reason = "Labels" };
            Assert.Null(new PublishBuild(cafe.File, cafe.Clock).Run(id, publish, ExpectedVersion.Any).Refusal);
        }

        cafe.File.Read(session =>
        {
            var board = new HouseSheets(library, cafe.Needs, cafe.Clock).Of(session, "board")!;
            var bar = session.Bar.Whole();
            Assert.NotEmpty(board.Rows);
            foreach (var drink in OnTheBoard.Of(library.Standards(session), cafe.Clock.Today()))
            {
                Assert.All(drink.Sheet.Sizes, size => HoldsRow(board.Head, RowOf(board.Rows, drink, size), size, bar));
            }

            var kitchen = Kitchen.Of(session, cafe.Needs, cafe.Clock);
            Assert.NotEmpty(kitchen.Lots);
            Assert.All(kitchen.Lots, lot => HoldsLot(StockViews.View(session, kitchen, lot), lot.Item.Id, bar));
            return 0;
        });
    }

    private static IReadOnlyList<object?> RowOf(
        IReadOnlyList<IReadOnlyList<object?>> rows,
        OnTheBoard drink,
        SizeSheet size
    ) => rows.Single(row => Equals(row[0], drink.Build.Name) && Equals(row[2], size.Name));

    private static void HoldsRow(
        IReadOnlyList<string> head,
        IReadOnlyList<object?> row,
        SizeSheet size,
        BarDocument bar
    )
    {
        var unread = (string?)row[^1] ?? "";
        var leaves = size
            .Lines.Where(line => line.Mass.Value > 0)
            .SelectMany(line => Leaves(line.Ingredient.Value, bar));
        foreach (var (leaf, part) in leaves)
        {
            if (leaf.Allergens is not { On: not null })
            {
                Assert.True(
                    unread.Contains(leaf.Name!, StringComparison.Ordinal)
                        || unread.Contains(part, StringComparison.Ordinal),
                    $"{row[0]}, {size.Name}: nobody has read the label of {leaf.Name}, but the table lists only '{unread}' as unread."
                );
                Assert.DoesNotContain("on no label", row);
            }

            foreach (var word in leaf.Allergens?.Contains ?? [])
            {
                Assert.Equal("contains", Column(word));
            }

            foreach (var word in leaf.Allergens?.MayContain ?? [])
            {
                Assert.True(Column(word) is "may contain" or "contains");
            }
        }

        string? Column(string word) => (string?)row[head.ToList().IndexOf(Name(word))];
    }

    private static void HoldsLot(LotView lot, string item, BarDocument bar)
    {
        if (lot.Allergens is not { } says)
        {
            return;
        }

        foreach (var (leaf, part) in Leaves(item, bar))
        {
            if (leaf.Allergens is not { On: not null })
            {
                Assert.Contains("unknown for: ", says, StringComparison.Ordinal);
            }

            foreach (var word in (leaf.Allergens?.Contains ?? []).Concat(leaf.Allergens?.MayContain ?? []))
            {
                Assert.Contains(Name(word), says, StringComparison.Ordinal);
            }
        }
    }

    // What a line is in the end: an ingredient, or all that a part is made of, with the part's name.
    private static IEnumerable<(IngredientDocument Leaf, string Part)> Leaves(string id, BarDocument bar)
    {
        if (bar.Parts.FirstOrDefault(part => part.Id == id) is { } part)
        {
            return part
                .Lines.SelectMany(line => Leaves(line.Ingredient!, bar))
                .Select(leaf => (leaf.Leaf, part.Name ?? ""));
        }

        var found = bar.Ingredients.Single(one => one.Id == id);

        // Water and ice of water bring nothing, whoever has read them.
        return found.Kind is "water" or "ice" ? [] : [(found, found.Name!)];
    }

    private static string Name(string word) => AllergenLists.Say(Enum.Parse<Allergen>(word, ignoreCase: true));

    // A third unread, and some that only may be.
    private static AllergenDocument? Label(Random dice)
    {
        var names = AllergenLists.EuFourteen.Select(Choice.Word).ToArray();
        string[] some() =>
            [.. Enumerable.Range(0, dice.Next(3)).Select(_ => names[dice.Next(names.Length)]).Distinct()];
        var (contains, mayContain) = (some(), some());
        return dice.Next(3) == 0
            ? null
            : new AllergenDocument
            {
                Contains = contains,
                MayContain = mayContain,
                NamesNone = contains.Length + mayContain.Length == 0,
                By = "Wynn",
                On = "2026-11-01",
            };
    }
}
