using System.Diagnostics;
using System.Globalization;
using System.Text.RegularExpressions;

namespace Krasis.Browser.Tests;

/// <summary>Cards as Chromium prints them, read with Poppler's pdfinfo and pdftotext. Paper sizes are ISO 216's.</summary>
public sealed partial class CardTests(DemoProcess server) : DemoTests(server)
{
    private const double MmPerPoint = 25.4 / 72;

    [Theory]
    [InlineData("size", 3, 105, 148)]
    [InlineData("sheet", 1, 210, 297)]
    [InlineData("sizes", 1, 210, 148)]
    public void Every_kind_of_card_is_printed_whole_on_its_paper(string way, int pages, double width, double height)
    {
        // Of the demo's drinks the one of which there is most to say.
        OpenCards("Orange peel mocha");
        Tab.Click($"[data-test=way] button:nth-of-type({way switch { "size" => 1, "sheet" => 2, _ => 3 }})");
        Tab.Until("the cards", () => Tab.Has($".cards-page.{way} [data-test=card]"));
        var file = Path.GetTempFileName();
        try
        {
            Tab.Pdf(file);
            var info = Run("pdfinfo", file);
            Assert.Equal(pages, int.Parse(PageCount().Match(info).Groups[1].Value, CultureInfo.InvariantCulture));
            var size = PageSize().Match(info);
            Assert.Equal(width, double.Parse(size.Groups[1].Value, CultureInfo.InvariantCulture) * MmPerPoint, 0.3);
            Assert.Equal(height, double.Parse(size.Groups[2].Value, CultureInfo.InvariantCulture) * MmPerPoint, 0.3);

            var text = Run("pdftotext", file, "-");
            var words = Spaces().Replace(text, " ");
            foreach (var said in new[] { "Orange peel mocha", "Standard 1", "Wren", "Plover", "Heron", "Orange peel syrup", "Farm milk", "While it runs, steam", "Hand it over", "milk, sulphites", "purge and wipe the wand", "Traces are always possible" })
            {
                Assert.Contains(said, words, StringComparison.Ordinal);
            }

            // Nothing that is pressed is printed, and nothing is promised.
            Assert.DoesNotContain("Print", text, StringComparison.Ordinal);
            Assert.DoesNotContain("free from", words.Replace("never a promise that a drink is free from", "", StringComparison.Ordinal), StringComparison.OrdinalIgnoreCase);
        }
        finally
        {
            File.Delete(file);
        }

        // Nothing reaches out of its card.
        Assert.Equal("", (string)Tab.Script("""
            return [...document.querySelectorAll('[data-test=card]')].flatMap(card => {
              const page = card.getBoundingClientRect();
              return [...card.querySelectorAll('strong, span, p, h2')].filter(part => {
                const box = part.getBoundingClientRect();
                return box.width > 0 && !part.classList.contains('visually-hidden') && (box.left < page.left - 0.5 || box.right > page.right + 0.5 || box.bottom > page.bottom + 0.5);
              }).map(part => part.textContent);
            }).join('; ')
            """)!);
    }

    [Fact]
    public void Amounts_are_read_at_arm_s_length_and_marks_stand_where_the_drink_does()
    {
        OpenCards("Black sesame latte");

        // 18 points are 24 CSS pixels.
        Assert.All(Tab.All("[data-test=card] .amount"), amount => Assert.True(double.Parse(amount.GetCssValue("font-size").TrimEnd('p', 'x'), CultureInfo.InvariantCulture) >= 24));
        var heights = (IReadOnlyCollection<object>)Tab.ScriptAsync("""
            const done = arguments[arguments.length - 1];
            fetch(`/api${location.pathname}`).then(answer => answer.json()).then(({ plans }) => {
              const told = plans.flatMap(({ steps }) => steps.filter(({ level }) => level).map(({ level }) => level.height));
              const drawn = [...document.querySelectorAll('[data-test=card] .mark polyline')].map(line => -line.points[0].y);
              done([told, drawn].map(list => list.map(height => height.toFixed(1)).join(' ')));
            });
            """)!;
        Assert.NotEmpty((string)heights.First());
        Assert.Equal((string)heights.First(), (string)heights.Last());
    }

    [Fact]
    public void A_drink_is_printed_from_its_sheet_and_for_a_station()
    {
        Open("Black sesame latte");
        Tab.More("cards");
        Tab.Until("the cards", () => Tab.All("[data-test=card]").Count == 3);
        Assert.Contains("Bar", Tab.Find("[data-test=card-of]").Text, StringComparison.Ordinal);
        Tab.ClickText("Kiosk", "[data-test=station] button");
        Tab.Until("the kiosk's", () => Tab.Find("[data-test=card-of]").Text.Contains("Kiosk", StringComparison.Ordinal));
    }

    private void OpenCards(string name)
    {
        Open(name);
        Tab.More("cards");
        Tab.Until("the cards", () => Tab.Has("[data-test=card]"));
    }

    private static string Run(string program, params string[] arguments)
    {
        using var process = Process.Start(new ProcessStartInfo(program, arguments) { RedirectStandardOutput = true })!;
        var said = process.StandardOutput.ReadToEnd();
        process.WaitForExit();
        Assert.Equal(0, process.ExitCode);
        return said;
    }

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces();

    [GeneratedRegex(@"Pages:\s+(\d+)")]
    private static partial Regex PageCount();

    [GeneratedRegex(@"Page size:\s+([\d.]+) x ([\d.]+) pts")]
    private static partial Regex PageSize();
}
