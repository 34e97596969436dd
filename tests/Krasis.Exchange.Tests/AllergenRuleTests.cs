using System.Diagnostics;
using System.Text.Json;
using System.Text.RegularExpressions;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Making;
using Krasis.Core.Making.Telling;
using Krasis.Core.Tests;
using Krasis.Exchange.Books;
using Krasis.Exchange.Linked;

namespace Krasis.Exchange.Tests;

/// <summary>Whatever goes out of a drink says no less of allergens than its labels do: what is in it, what may be, and
/// whose label nobody has read. Bars are random, the rule is reckoned here from the labels alone.</summary>
public sealed class AllergenRuleTests
{
    private static readonly string[] Ids = ["espresso", "syrup", "sauce", "milk", "oat", "whip", "white", "light"];
    private static readonly DateTimeOffset Published = new(2026, 11, 25, 9, 0, 0, TimeSpan.Zero);

    [Theory]
    [InlineData(60)]
    public void Nothing_that_goes_out_says_less_than_the_labels(int bars)
    {
        for (var seed = 0; seed < bars; seed++)
        {
            var dice = new Random(seed);
            var document = FullBar.Document with
            {
                Ingredients = [.. FullBar.Document.Ingredients.Select(one => one with { Allergens = Label(dice) })],
            };
            var bar = FullBar.Read(document);
            var drink = TestBar.Build([
                .. Ids.OrderBy(_ => dice.Next())
                    .Take(dice.Next(1, 5))
                    .Select(id => TestBar.Line(id, id == "espresso" ? 1 : 20, id == "espresso" ? "shot" : "g")),
            ]) with
            {
                Name = "Tern",
            };
            var build = BuildReader.Read(drink, bar).Value;
            var sheet = Mixer.Mix(build, bar);
            var plans = Planner.Plan(build, bar).Value;
            var feed = FeedDrink.Of("an-id", 1, Published, build, drink, sheet);
            var outputs = new List<(string What, string Text)>
            {
                ("text", RecipeText.Of(plans, KitchenWords.Metric, isMarkdown: false)),
                ("linked data", LinkedRecipe.Of(plans, sheet.Sizes, Published).ToJsonString(Plain)),
                (
                    "atom",
                    new BoardFeed(
                        Guid.Empty.ToString("N"),
                        default,
                        "EUR",
                        [feed with { Id = Guid.Empty.ToString() }]
                    ).ToAtom(new("http://x/"))
                ),
                ("cards", string.Join(' ', RecipeText.Allergens(plans))),
            };
            outputs.AddRange(
                plans.Select(plan => ($"plan of {plan.SizeName}", AllergenWords.Sentence(plan.Allergens)))
            );
            if (seed % 10 == 0)
            {
                outputs.Add(("book", Pdf(new BookDrink(1, Published, null, plans, sheet.Sizes))));
            }

            foreach (var (what, text) in outputs)
            {
                foreach (var (word, after) in Wanted(drink, document))
                {
                    // A book has columns for what others say in a sentence.
                    var pattern = what == "book" ? Regex.Escape(word) : $"{after}[^.]*{Regex.Escape(word)}";
                    Assert.True(Regex.IsMatch(text, pattern), $"{seed}, {what}: no '{pattern}' in {text}");
                }

                Assert.Contains("Traces are always possible", text, StringComparison.Ordinal);
                Assert.DoesNotContain(
                    "free from",
                    text.Replace("never a promise that a drink is free from", "", StringComparison.Ordinal),
                    StringComparison.Ordinal
                );
            }
        }
    }

    private static readonly JsonSerializerOptions Plain = new()
    {
        Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    // Every allergen on a label by its own name, and every ingredient whose label nobody has read.
    private static IEnumerable<(string Word, string After)> Wanted(BuildDocument drink, Core.Bar.BarDocument bar)
    {
        foreach (var line in drink.Lines)
        {
            var ingredient = bar.Ingredients.Single(one => one.Id == line.Ingredient);
            if (ingredient.Allergens is not { On: not null } label)
            {
                yield return (ingredient.Name!, "unknown for: ");
            }

            foreach (var word in ingredient.Allergens?.Contains ?? [])
            {
                yield return (Name(word), "Allergens[^:]*: ");
            }

            foreach (var word in ingredient.Allergens?.MayContain ?? [])
            {
                yield return (Name(word), "Allergens[^:]*: ");
            }
        }

        static string Name(string word) => AllergenLists.Say(Enum.Parse<Allergen>(word, ignoreCase: true));
    }

    // A third unread, a third of the rest with something, and of that some that only may be.
    private static AllergenDocument? Label(Random dice)
    {
        var names = Enum.GetValues<Allergen>().Select(Choice.Word).ToArray();
        string[] some() =>
            [.. Enumerable.Range(0, dice.Next(0, 3)).Select(_ => names[dice.Next(names.Length)]).Distinct()];
        var (contains, mayContain) = (some(), some());
        return dice.Next(3) switch
        {
            0 => null,
            1 => new() { Contains = contains, MayContain = mayContain },
            _ => new()
            {
                Contains = contains,
                MayContain = mayContain,
                NamesNone = contains.Length + mayContain.Length == 0,
                By = "Wynn",
                On = "2026-11-01",
            },
        };
    }

    private static string Pdf(BookDrink drink)
    {
        var path = Path.GetTempFileName();
        File.WriteAllBytes(
            path,
            StandardsBook.Write(new BookCover("Book", null, new DateOnly(2026, 11, 25), Published, false), [drink])
        );
        using var run = Process.Start(
            new ProcessStartInfo("pdftotext", ["-raw", path, "-"]) { RedirectStandardOutput = true }
        )!;
        var text = run.StandardOutput.ReadToEnd();
        run.WaitForExit();
        File.Delete(path);
        return Regex.Replace(text, @"\s+", " ");
    }
}
