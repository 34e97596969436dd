using System.Diagnostics;
using System.Globalization;
using System.Text.RegularExpressions;
using System.Xml.Linq;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Making;
using Krasis.Core.Tests;
using Krasis.Exchange.Books;
using Krasis.Exchange.Linked;

namespace Krasis.Exchange.Tests;

/// <summary>Drinks that go out: as linked data, to menu screens, and as a book.</summary>
public class DrinkFilesTests
{
    private static readonly DateTimeOffset Published = new(2026, 11, 25, 23, 30, 0, TimeSpan.FromHours(1));

    private static readonly BuildDocument Document = TestBar.Build(
        TestBar.Line("espresso", 1, "shot"),
        TestBar.Line("sauce", 20, "g"),
        TestBar.Line("milk", 150, "ml")
    ) with
    {
        Name = "Tern mocha",
        Tags = ["quiet"],
        Season = new SeasonDocument { From = "11-01", To = "02-28" },
    };

    private static readonly Build Build = BuildReader.Read(Document, FullBar.Facts).Value;
    private static readonly BuildSheet Sheet = Mixer.Mix(Build, FullBar.Facts);
    private static readonly IReadOnlyList<MakingPlan> Plans = Planner.Plan(Build, FullBar.Facts, null).Value;

    // The words are those of schema.org; times are of ISO 8601.
    [Fact]
    public void A_recipe_a_size_has_what_goes_in_and_how()
    {
        var linked = LinkedRecipe.Of(Plans, Sheet.Sizes, Published, "Plover Lock");
        Assert.Equal("https://schema.org", (string?)linked["@context"]);
        var recipes = linked["@graph"]!.AsArray();
        Assert.Equal(Plans.Count, recipes.Count);
        foreach (var (recipe, plan) in recipes.Zip(Plans))
        {
            Assert.Equal("Recipe", (string?)recipe!["@type"]);
            Assert.Equal($"Tern mocha, {plan.SizeName}", (string?)recipe["name"]);
            Assert.Equal("2026-11-25", (string?)recipe["datePublished"]);
            Assert.Equal("Plover Lock", (string?)recipe["author"]!["name"]);
            Assert.StartsWith($"1 {plan.SizeName} (", (string?)recipe["recipeYield"], StringComparison.Ordinal);
            var ingredients = recipe["recipeIngredient"]!.AsArray().Select(one => (string)one!).ToList();
            Assert.Equal(3, ingredients.Count);
            Assert.Contains(ingredients, one => one.EndsWith(" Dark sauce", StringComparison.Ordinal));
            Assert.Equal(
                Enumerable.Range(1, plan.Steps.Count),
                recipe["recipeInstructions"]!.AsArray().Select(step => (int)step!["position"]!)
            );
            Assert.All(recipe["recipeInstructions"]!.AsArray(), step =>
                Assert.Equal("HowToStep", (string?)step!["@type"])
            );
            Assert.Contains("milk", (string?)recipe["keywords"], StringComparison.OrdinalIgnoreCase);
        }
    }

    [Fact]
    public void Its_nutrition_is_that_of_the_sheet_and_what_is_not_known_is_left_out()
    {
        var middle = Plans.Single(plan => plan.Size.Value == "m");
        var facts = Sheet.Size("m").Inside.Nutrition;
        var said = LinkedRecipe.Of([middle], Sheet.Sizes, Published)["@graph"]![0]!["nutrition"]!;
        Assert.Equal($"{Math.Round(facts.Energy!.Value.Value)} calories", (string?)said["calories"]);
        Assert.Equal(
            $"{facts.Sugars!.Value.Value.ToString("0.#", CultureInfo.InvariantCulture)} g",
            (string?)said["sugarContent"]
        );
        Assert.EndsWith(" mg", (string?)said["sodiumContent"], StringComparison.Ordinal);
        Assert.Equal("1 m", $"1 {middle.Size.Value}");
        Assert.Null(LinkedRecipe.Of([middle], Sheet.Sizes, Published)["@graph"]![0]!["author"]);

        // Of the plain bar nothing is known that would be nutrition.
        var unknown = BuildReader.Read(Document, TestBar.Facts).Value;
        var plain = LinkedRecipe.Of(
            Planner.Plan(unknown, TestBar.Facts, null).Value,
            Mixer.Mix(unknown, TestBar.Facts).Sizes,
            Published
        );
        Assert.All(plain["@graph"]!.AsArray(), recipe => Assert.Null(recipe!["nutrition"]));
    }

    [Fact]
    public void A_drink_on_a_screen_has_its_sizes_from_the_smallest_and_its_allergens()
    {
        var drink = FeedDrink.Of("an-id", 3, Published, Build, Document, Sheet);
        Assert.Equal(("Tern mocha", 3, "11-01", "02-28"), (drink.Name, drink.Standard, drink.From, drink.To));
        Assert.Equal(["quiet"], drink.Tags);
        Assert.Equal(
            Sheet.Sizes.OrderBy(size => size.Fill.WorkingVolume.Value).Select(size => size.Name),
            drink.Sizes.Select(size => size.Name)
        );
        Assert.True(drink.Sizes[0].EnergyKcal < drink.Sizes[^1].EnergyKcal);

        // Milk is in it; the sauce's label says that there may be, which the milk makes sure of.
        Assert.Contains("Milk", drink.Allergens.Contains, StringComparer.OrdinalIgnoreCase);
        Assert.Empty(drink.Allergens.NotRead);
        var unread = Mixer.Mix(BuildReader.Read(Document, TestBar.Facts).Value, TestBar.Facts);
        Assert.Contains("Milk", FeedDrink.Of("an-id", 3, Published, Build, Document, unread).Allergens.NotRead);
    }

    [Theory]
    [InlineData("", "", "", "none listed on the labels")]
    [InlineData("milk", "", "", "milk")]
    [InlineData("milk soya", "eggs", "", "milk, soya; may contain eggs")]
    [InlineData("", "", "Syrup", "unknown for: Syrup")]
    [InlineData("milk", "eggs soya", "Syrup Sauce", "milk; may contain eggs, soya; unknown for: Syrup, Sauce")]
    public void Allergens_are_told_in_a_sentence_that_never_says_free_from(
        string contains,
        string may,
        string unread,
        string says
    ) => Assert.Equal(says, new FeedAllergens(Words(contains), Words(may), Words(unread)).Says);

    // RFC 4287: id, title and updated in the feed and in each entry; times in UTC.
    [Fact]
    public void The_board_is_an_Atom_feed()
    {
        XNamespace atom = "http://www.w3.org/2005/Atom";
        var drink = new FeedDrink(
            "0193-1",
            "Tern & mocha",
            1,
            Published,
            null,
            null,
            [],
            [new FeedSize("small", 3.5, null, null), new FeedSize("large", null, null, null)],
            new FeedAllergens(["milk"], [], [])
        );
        var board = new BoardFeed(new string('a', 32), new DateOnly(2026, 11, 20), "EUR", [drink]);
        var text = board.ToAtom(new Uri("http://lock.test/feed.atom"));
        Assert.StartsWith("<?xml version=\"1.0\" encoding=\"utf-8\"?>", text, StringComparison.Ordinal);
        var feed = XDocument.Parse(text).Root!;
        Assert.Equal("urn:uuid:aaaaaaaa-aaaa-aaaa-aaaa-aaaaaaaaaaaa", feed.Element(atom + "id")!.Value);
        Assert.Equal("2026-11-25T22:30:00Z", feed.Element(atom + "updated")!.Value);
        Assert.Equal(
            ("self", "http://lock.test/feed.atom"),
            (
                feed.Element(atom + "link")!.Attribute("rel")!.Value,
                feed.Element(atom + "link")!.Attribute("href")!.Value
            )
        );
        var entry = Assert.Single(feed.Elements(atom + "entry"));
        Assert.Equal(
            ("urn:uuid:0193-1", "Tern & mocha"),
            (entry.Element(atom + "id")!.Value, entry.Element(atom + "title")!.Value)
        );
        Assert.Equal("http://lock.test/recipes/0193-1", entry.Element(atom + "link")!.Attribute("href")!.Value);
        Assert.Equal(
            "small 3.50 EUR, large. Allergens: milk. Traces are always possible.",
            entry.Element(atom + "content")!.Value
        );

        Assert.Equal(
            new DateTimeOffset(2026, 11, 20, 0, 0, 0, TimeSpan.Zero),
            new BoardFeed(board.House, board.Day, "EUR", []).Updated
        );
    }

    [Theory]
    [InlineData(false, 595, 842)]
    [InlineData(true, 612, 792)]
    public void A_book_has_its_chapters_on_the_paper_that_was_asked_for(bool isLetter, int width, int height)
    {
        var cover = new BookCover("Plover Lock", "Kiosk", new DateOnly(2026, 11, 25), Published, isLetter);
        var pdf = StandardsBook.Write(cover, [new BookDrink(3, Published, Build.Season, Plans, Sheet.Sizes)]);
        var path = Path.GetTempFileName();
        File.WriteAllBytes(path, pdf);
        var text = Run("pdftotext", "-layout", path, "-");
        var info = Run("pdfinfo", path);
        File.Delete(path);

        foreach (
            var words in new[]
            {
                "Plover Lock",
                "Kiosk",
                "On the board",
                "Tern mocha",
                "Allergens and nutrition",
                "Cautions",
                "Your local food code, and licensed practice, go before anything that stands here.",
                $"{Build.Season!.From} to {Build.Season.To}",
                "Dark sauce",
            }
        )
        {
            Assert.Contains(words, text, StringComparison.Ordinal);
        }

        // The contents give the right page for a chapter.
        var pages = text.Split('\f');
        var told = Regex.Match(text, @"^\s*Cautions[ .]+(\d+)\s*$", RegexOptions.Multiline);
        Assert.True(told.Success, text);
        Assert.Contains(
            "Cautions",
            pages[int.Parse(told.Groups[1].Value, CultureInfo.InvariantCulture) - 1],
            StringComparison.Ordinal
        );
        var size = Regex.Match(info, @"Page size:\s+([\d.]+) x ([\d.]+)");
        Assert.Equal(width, double.Parse(size.Groups[1].Value, CultureInfo.InvariantCulture), 0.5);
        Assert.Equal(height, double.Parse(size.Groups[2].Value, CultureInfo.InvariantCulture), 0.5);
        foreach (var plan in Plans)
        {
            Assert.Contains(plan.SizeName, text, StringComparison.Ordinal);
        }
    }

    private static string[] Words(string text) => text.Split(' ', StringSplitOptions.RemoveEmptyEntries);

    private static string Run(string program, params string[] arguments)
    {
        using var process = Process.Start(new ProcessStartInfo(program, arguments) { RedirectStandardOutput = true })!;
        var said = process.StandardOutput.ReadToEnd();
        process.WaitForExit();
        return said;
    }
}
