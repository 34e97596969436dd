using System.Globalization;
using System.Text.RegularExpressions;

namespace Krasis.Browser.Tests;

/// <summary>Cards as Chromium prints them, read with Poppler's pdfinfo and pdftotext. Paper sizes are ISO 216's, Letter
/// ANSI Y14.1's (8½ by 11 in); codes are read back with ZBar.</summary>
public sealed partial class CardTests(DemoHost server) : DemoTests(server)
{
    private const double MmPerPixel = 25.4 / 96;

    private static readonly string[] Ways = ["size", "sheet", "letter", "sizes", "strip", "marks"];

    [Theory]
    [InlineData("size", 3, 105, 148)]
    [InlineData("sheet", 1, 210, 297)]
    [InlineData("letter", 1, 215.9, 279.4)]
    [InlineData("sizes", 1, 210, 148)]
    [InlineData("strip", 1, 297, 74)]
    [InlineData("marks", 1, 210, 297)]
    public void Every_kind_of_card_is_printed_whole_on_its_paper(string way, int pages, double width, double height)
    {
        // Of the demo's drinks the one of which there is most to say.
        OpenCards("Orange peel mocha");
        Tab.Click($"[data-test=way] button:nth-of-type({Array.IndexOf(Ways, way) + 1})");
        Tab.Until("the cards", () => Tab.Has($".cards-page.{way} [data-test=card]"));
        var file = Path.GetTempFileName();
        try
        {
            Tab.Pdf(file);
            var info = Outside.Run("pdfinfo", file);
            Assert.Equal(pages, int.Parse(PageCount().Match(info).Groups[1].Value, CultureInfo.InvariantCulture));
            var size = PageSize().Match(info);
            Assert.Equal(
                width,
                double.Parse(size.Groups[1].Value, CultureInfo.InvariantCulture) * Outside.MmPerPoint,
                0.3
            );
            Assert.Equal(
                height,
                double.Parse(size.Groups[2].Value, CultureInfo.InvariantCulture) * Outside.MmPerPoint,
                0.3
            );

            var text = Outside.Run("pdftotext", file, "-");
            var words = Spaces().Replace(text, " ");
            string[] everywhere =
            [
                "Orange peel mocha",
                "Standard 1",
                "Wren",
                "Plover",
                "Heron",
                "Orange peel syrup",
                "Farm milk",
            ];
            string[] onCards =
            [
                "While it runs, steam",
                "Hand it over",
                "milk, sulphites",
                "Wipe and purge the wand",
                "Traces are always possible",
            ];
            foreach (
                var said in way switch
                {
                    "marks" => everywhere,
                    "strip" => [.. everywhere, "milk, sulphites", "Traces are always possible"],
                    _ => everywhere.Concat(onCards),
                }
            )
            {
                Assert.Contains(said, words, StringComparison.Ordinal);
            }

            // Nothing that is pressed is printed, and nothing is promised.
            Assert.DoesNotContain("Print", text, StringComparison.Ordinal);
            Assert.DoesNotContain(
                "free from",
                words.Replace("never a promise that a drink is free from", "", StringComparison.Ordinal),
                StringComparison.OrdinalIgnoreCase
            );
        }
        finally
        {
            File.Delete(file);
        }

        // Nothing reaches out of its card.
        Assert.Equal(
            "",
            (string)
                Tab.Script(
                    """
                    return [...document.querySelectorAll('[data-test=card]')].flatMap(card => {
                      const page = card.getBoundingClientRect();
                      return [...card.querySelectorAll('strong, span, p, h2')].filter(part => {
                        const box = part.getBoundingClientRect();
                        return box.width > 0 && !part.classList.contains('visually-hidden') && (box.left < page.left - 0.5 || box.right > page.right + 0.5 || box.bottom > page.bottom + 0.5);
                      }).map(part => part.textContent);
                    }).join('; ')
                    """
                )!
        );
    }

    [Fact]
    public void Amounts_are_read_at_arm_s_length_and_marks_stand_where_the_drink_does()
    {
        OpenCards("Black sesame latte");

        // 18 points are 24 CSS pixels.
        Assert.All(Tab.All("[data-test=card] .amount"), amount =>
            Assert.True(
                double.Parse(amount.GetCssValue("font-size").TrimEnd('p', 'x'), CultureInfo.InvariantCulture) >= 24
            )
        );
        var heights =
            (IReadOnlyCollection<object>)
                Tab.ScriptAsync(
                    """
                    const done = arguments[arguments.length - 1];
                    fetch(`/api${location.pathname}`).then(answer => answer.json()).then(({ plans }) => {
                      const told = plans.flatMap(({ steps }) => steps.filter(({ level }) => level).map(({ level }) => level.height));
                      const drawn = [...document.querySelectorAll('[data-test=card] .mark polyline')].map(line => -line.points[0].y);
                      done([told, drawn].map(list => list.map(height => height.toFixed(1)).join(' ')));
                    });
                    """
                )!;
        Assert.NotEmpty((string)heights.First());
        Assert.Equal((string)heights.First(), (string)heights.Last());
    }

    [Fact]
    public void A_printed_card_s_code_leads_to_its_drink_at_the_bar()
    {
        OpenCards("Orange peel mocha");
        var (pdf, png) = (Path.GetTempFileName(), Path.Combine(Path.GetTempPath(), Path.GetRandomFileName()));
        try
        {
            Tab.Pdf(pdf);
            Outside.Run("pdftoppm", "-r", "200", "-png", "-singlefile", pdf, png);
            var read = Outside.Run("zbarimg", "--nodbus", "-q", "--raw", $"{png}.png").Trim();

            Assert.Equal(
                $"{Server.Address.GetLeftPart(UriPartial.Authority)}/service/{Tab.Path.Split('/')[2]}/wren",
                read
            );
            Tab.Open(new Uri(read).AbsolutePath);
            Tab.Until("the first step", () => Tab.Has("[data-test=figure]"));
        }
        finally
        {
            File.Delete(pdf);
            File.Delete($"{png}.png");
        }
    }

    [Theory]
    [InlineData("sizes")]
    [InlineData("strip")]
    public void A_card_of_all_sizes_has_a_code_too(string way)
    {
        OpenCards("Black sesame latte");
        Tab.Click($"[data-test=way] button:nth-of-type({Array.IndexOf(Ways, way) + 1})");
        Tab.Until("its code", () =>
            (bool)
                Tab.Script(
                    "const codes = [...document.querySelectorAll('[data-test=code]')]; return codes.length === 1 && codes[0].complete && codes[0].naturalWidth > 0"
                )!
        );
        Assert.EndsWith(
            Uri.EscapeDataString($"/service/{Tab.Path.Split('/')[2]}"),
            Tab.AttributeOf("[data-test=code]", "src"),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Marks_for_the_cups_are_of_true_size_and_lie_along_the_wall()
    {
        OpenCards("Black sesame latte");
        Tab.Click($"[data-test=way] button:nth-of-type({Array.IndexOf(Ways, "marks") + 1})");
        Tab.Until("a strip for each cup", () => Tab.All("[data-test=strip]").Count == 3);

        // The rule is 40 mm on paper.
        foreach (
            var rule in (IReadOnlyCollection<object>)
                Tab.Script(
                    "return [...document.querySelectorAll('[data-test=rule]')].map(rule => rule.getBoundingClientRect().width)"
                )!
        )
        {
            Assert.Equal(40, Convert.ToDouble(rule, CultureInfo.InvariantCulture) * MmPerPixel, 0.2);
        }

        // The Plover is 82 mm wide at the brim, 57 at the bottom and 104 high: its wall is longer than its height by
        // √(104² + 12.5²) ÷ 104.
        var pairs =
            (IReadOnlyCollection<object>)
                Tab.ScriptAsync(
                    """
                    const done = arguments[arguments.length - 1];
                    fetch(`/api${location.pathname}`).then(answer => answer.json()).then(({ plans }) => {
                      const told = plans[1].steps.filter(({ level }) => level).map(({ level }) => level.height);
                      const strip = document.querySelectorAll('[data-test=strip]')[1];
                      const foot = strip.querySelector('rect').getBoundingClientRect().bottom;
                      const drawn = [...strip.querySelectorAll('line.mark')].map(line => foot - (line.getBoundingClientRect().top + line.getBoundingClientRect().bottom) / 2);
                      done(told.map((height, i) => [height, drawn[i]]));
                    });
                    """
                )!;
        Assert.Equal(3, pairs.Count);
        Assert.All(pairs.Cast<IReadOnlyList<object>>(), pair =>
            Assert.Equal(
                Convert.ToDouble(pair[0], CultureInfo.InvariantCulture) * Math.Sqrt((104 * 104) + (12.5 * 12.5)) / 104,
                Convert.ToDouble(pair[1], CultureInfo.InvariantCulture) * MmPerPixel,
                0.2
            )
        );
    }

    [Fact]
    public void The_booklet_has_all_that_is_on_the_board_with_contents_allergens_and_the_day()
    {
        // Of its own: with the copies that the other tests put on the board, the contents run over to a second page.
        using var own = new KrasisHost(demo: true);
        using var tab = new Tab(own.Address);
        tab.Open("/").Find("[data-test=build]");
        tab.Click("[data-test=booklet]");
        tab.Until("the booklet", () => tab.Has("[data-test=contents]"));
        var drinks = tab.All("[data-test=content] th").Select(drink => drink.Text).ToList();
        Assert.Contains(drinks, drink => drink.EndsWith("Orange peel mocha", StringComparison.Ordinal));
        var file = Path.GetTempFileName();
        try
        {
            tab.Pdf(file);
            Assert.Equal(
                drinks.Count + 1,
                int.Parse(PageCount().Match(Outside.Run("pdfinfo", file)).Groups[1].Value, CultureInfo.InvariantCulture)
            );
            var text = Spaces().Replace(Outside.Run("pdftotext", file, "-"), " ");
            Assert.Contains("25 Nov 2026", text, StringComparison.Ordinal);
            Assert.Contains("tree nuts (hazelnuts)", text, StringComparison.Ordinal);
            Assert.DoesNotContain("Print", text, StringComparison.Ordinal);
        }
        finally
        {
            File.Delete(file);
        }
    }

    [Fact]
    public void Cards_that_were_printed_of_an_earlier_standard_are_said_to_be_out_of_date()
    {
        using var own = new KrasisHost(demo: true);
        using var tab = new Tab(own.Address);
        tab.Open("/").UntilListed("Hazelnut iced latte");
        var printed = (string)
            tab.ScriptAsync(
                """
                const done = arguments[arguments.length - 1];
                fetch('/api/builds').then(answer => answer.json()).then(async builds => {
                  const { id } = builds.find(({ name }) => name === 'Hazelnut iced latte');
                  const note = standard => fetch('/api/prints', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ build: id, standard, station: 'bar' }) });
                  done(`${(await note(2)).status} ${(await (await fetch('/api/prints/outdated')).json()).length} ${(await note(1)).status}`);
                });
                """
            )!;
        Assert.Equal("204 0 204", printed);
        tab.Reload();
        tab.Until("that they are out of date", () =>
            tab.Has("[data-test=old-cards]")
            && tab.TextOf("[data-test=old-cards]")
                .Contains("printed 25 Nov 2026 of Standard 1, now Standard 2", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void A_drink_is_printed_from_its_sheet_and_for_a_station()
    {
        Open("Black sesame latte");
        Tab.More("cards");
        Tab.Until("the cards", () => Tab.All("[data-test=card]").Count == 3);
        Tab.UntilText("[data-test=card-of]", "Bar");
        Tab.ClickText("Kiosk", "[data-test=station] button");
        Tab.Until("the kiosk's", () => Tab.TextOf("[data-test=card-of]").Contains("Kiosk", StringComparison.Ordinal));
    }

    private void OpenCards(string name)
    {
        Open(name);
        Tab.More("cards");
        Tab.Until("the cards", () => Tab.Has("[data-test=card]"));
    }

    [GeneratedRegex(@"\s+")]
    private static partial Regex Spaces();

    [GeneratedRegex(@"Pages:\s+(\d+)")]
    private static partial Regex PageCount();

    [GeneratedRegex(@"Page size:\s+([\d.]+) x ([\d.]+) pts")]
    private static partial Regex PageSize();
}
