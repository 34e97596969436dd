using System.Globalization;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;

namespace Krasis.Browser.Tests;

/// <summary>Prep, as a lead and whoever prepares go through it. It is Wednesday, 25 November 2026, nine
/// o'clock.</summary>
public sealed partial class PrepTests : BenchTests
{
    [Fact]
    public void Pasted_sales_change_what_is_expected_and_what_the_till_calls_a_drink_is_asked_once()
    {
        Tab.Open("/prep/expected").Find("[data-test=past] svg");
        var before = Total();
        Tab.Type(
            "[data-test=paste]",
            "day;drink;size;station;cups\n18.11.2026;Hazelnut iced latte;Rush;Bar;90\n18.11.2026;Sesame, big;;Bar;30\n18.11.2026;Hazelnut iced latte;Reed;Bar;-1"
        );
        Tab.Click("[data-test=read]");
        UntilText("[data-test=read-sales]", "Row 4, cups: “-1”. That is not a number of cups.");
        Assert.False(Tab.Find("[data-test=take]").Enabled);
        Tab.ChooseOption("[data-test=is]", "Black sesame latte, Heron");
        Tab.Until("nothing unknown", () => !Tab.Has("[data-test=unknown]"));
        Tab.Click("[data-test=take-good]");
        UntilText("[role=status], .p-toast", "120 cups of 1 day are taken in, 1 row left out.");
        Tab.Until("another expectation", () => Total() != before);

        // The next file of that till needs no asking.
        Tab.Type("[data-test=paste]", "day;drink;size;station;cups\n17.11.2026;Sesame, big;;Bar;30");
        Tab.Click("[data-test=read]");
        UntilText("[data-test=read-sales]", "30 cups of 1 day");
        UntilText("[data-test=read-sales]", "columns as the last time");
        Assert.False(Tab.Has("[data-test=unknown]"));

        // What is typed stands over it, is kept, and gives way when it is emptied.
        Tab.Click("[data-test=unfold]");
        Tab.Type("[data-test=cups]", "55", OpenQA.Selenium.Keys.Tab);
        Tab.Until("a typed cell", () => Tab.All("td.typed").Count == 1);
        Tab.Reload();
        Tab.Click("[data-test=unfold]");
        Tab.Until("it again", () => Tab.All("td.typed input") is [var box] && box.GetAttribute("value") == "55");
        Tab.Type("td.typed input", "", OpenQA.Selenium.Keys.Tab);
        Tab.Until("none typed", () => Tab.All("td.typed").Count == 0);
    }

    [Fact]
    public void The_plan_names_its_conflict_and_a_batch_that_is_moved_stays_there()
    {
        Tab.Open("/prep");
        UntilText("[data-test=conflict]", "cannot be ready in time.");
        UntilText("[data-test=conflict]", "One more steeping bucket");
        Tab.ClickText("Show it");
        UntilText("[data-test=begin]", "No time left for it");
        Tab.Click("[data-test=bar][data-key='coffee-ice@2026-11-28-1']");
        Tab.ChooseOption("[data-test=move-day]", "Thursday 26 November");
        Tab.Type("[data-test=move-time]", "25:00");
        Tab.Click("[data-test=move]");
        UntilText("[data-test=trouble]", "'25:00' is not a time of the day.");
        Tab.Type("[data-test=move-time]", "10:10");
        Tab.Click("[data-test=move]");
        UntilText("[data-test=begin]", "Thursday 26 November, 10:10");
        Tab.Reload();
        Tab.Click("[data-test=bar][data-key='coffee-ice@2026-11-28-1']");
        UntilText("[data-test=begin]", "(moved by hand)");
        Tab.Click("[data-test=let]");
        Tab.Until("the plan's own time", () =>
            !Tab.TextOf("[data-test=begin]").Contains("10:10", StringComparison.Ordinal)
        );

        // Beside it, a fifth more iced.
        Tab.Type("[data-test=if-iced]", "+20");
        Tab.Click("[data-test=compare]");
        UntilText("[data-test=compared]", "Hours of work");
    }

    [Fact]
    public void A_batch_is_made_on_the_tablet_its_label_printed_in_true_size_and_another_lot_thrown_away()
    {
        using var tablet = new Tab(Server.Address, 1024, 768);
        tablet.Open("/prep/day").Click("[data-test=to-make] a");
        var amount = tablet.TextOf("[data-test=into]");
        tablet.Type("[data-test=grams]", "1000");
        tablet.Until("other amounts", () => tablet.TextOf("[data-test=into]") != amount);

        // The scale counts along.
        tablet.Click("[data-test=weigh-along]");
        tablet.Click("[data-test=scale-connect]");
        tablet.Click("[data-test=scale-stroke]");
        tablet.Until("what is left to weigh", () =>
            tablet.TextOf("[data-test=to-go]").Contains("to go", StringComparison.Ordinal)
        );
        tablet.Until("the scale at rest", () => tablet.Find("[data-test=it-is-in]").Enabled);
        tablet.Click("[data-test=it-is-in]");
        tablet.Until("it is ticked", () => tablet.AttributeOf("[data-test=into]", "aria-pressed") == "true");
        tablet.Click("[data-test=weigh-along]");
        tablet.Type("[data-test=who]", "IN");
        tablet.Click("[data-test=begin-it]");
        tablet.Find("[data-test=begun]");
        tablet.Type("[data-test=really]", "980");
        tablet.Click("[data-test=done]");
        tablet.Until("the lot", () => tablet.TextOf("[data-test=lot]").Contains("980 g", StringComparison.Ordinal));
        tablet.Click("[data-test=label]");
        tablet.Until("its label", () => tablet.All("[data-test=label]").Count == 1);

        // What is over date is said, and thrown away with a reason and what it cost.
        Tab.Open("/prep/stock");
        UntilText("[data-test=over]", "Lock cream");
        Tab.Click("tr.over [data-test=open-lot]");

        // Nothing is discarded by an empty box or one that cannot be read.
        Tab.Click("[data-test=write]");
        UntilText("[data-test=lot-trouble]", "All of it is");
        Tab.Type("[data-test=how-much]", "200g");
        Tab.Click("[data-test=write]");
        UntilText("[data-test=lot-trouble]", "cannot be read");
        Assert.True(Tab.Has("[data-test=over]"));
        Tab.Click("[data-test=all-of-it]");
        Tab.Click("[data-test=write]");
        UntilText("[data-test=thrown]", "Over date");
        Tab.Until("nothing over date", () => !Tab.Has("[data-test=over]"));

        // All that the house made, on a sheet of 21: as wide apart as the sheet's labels are, on paper.
        Tab.Open("/prep/labels");
        Tab.Until("labels", () => Tab.All("[data-test=label]").Count == 4);
        var (pdf, png) = (Path.GetTempFileName(), Path.Combine(Path.GetTempPath(), Path.GetRandomFileName()));
        try
        {
            Tab.Pdf(pdf);
            var words = Word()
                .Matches(Outside.Run("pdftotext", "-bbox", pdf, "-"))
                .Select(match => (X: Mm(match, 1), Y: Mm(match, 2), Text: match.Groups[3].Value))
                .Where(word => word.Text == "Lot")
                .ToList();
            Assert.Contains("(A4)", Outside.Run("pdfinfo", pdf), StringComparison.Ordinal);
            Assert.Equal(4, words.Count);
            Assert.Equal(66, words[1].X - words[0].X, 0.2);
            Assert.Equal(66, words[2].X - words[1].X, 0.2);
            Assert.Equal(38.1, words[3].Y - words[0].Y, 0.2);
            Assert.Equal(7.25 + 2.2, words[0].X, 0.3);
            Outside.Run("pdftoppm", "-r", "300", "-png", "-singlefile", pdf, png);
            Assert.Contains(
                $"{Server.Address.GetLeftPart(UriPartial.Authority)}/prep/lots/261124-01",
                Outside.Run("zbarimg", "--nodbus", "-q", "--raw", $"{png}.png"),
                StringComparison.Ordinal
            );
        }
        finally
        {
            File.Delete(pdf);
            File.Delete($"{png}.png");
        }

        // Rolls and other sheets are pages of their own size.
        foreach (
            var (sheet, width, height) in new[]
            {
                ("One by one, 62 × 40 mm", 62.0, 40.0),
                ("One by one, 57 × 32 mm", 57.0, 32.0),
                ("Letter, 30 labels of 66.7 × 25.4 mm", 215.9, 279.4),
                ("A4, 14 labels of 99.1 × 38.1 mm", 210.0, 297.0),
            }
        )
        {
            Tab.ChooseOption("[data-test=sheet]", sheet);
            Tab.Until(sheet, () => Tab.TextOf("[data-test=sheet]").Contains(sheet, StringComparison.Ordinal));
            Tab.Pdf(pdf);
            var size = PageSize().Match(Outside.Run("pdfinfo", pdf));
            Assert.Equal(
                width,
                double.Parse(size.Groups[1].Value, CultureInfo.InvariantCulture) * Outside.MmPerPoint,
                0.4
            );
            Assert.Equal(
                height,
                double.Parse(size.Groups[2].Value, CultureInfo.InvariantCulture) * Outside.MmPerPoint,
                0.4
            );
            File.Delete(pdf);
        }

        Tab.Open("/prep/lots/261124-01");
        UntilText("h1", "lot 261124-01");
    }

    [Fact]
    public async Task The_calendar_and_the_order_go_out_and_a_standard_is_warned_of_until_its_sauce_comes()
    {
        Tab.Open("/").UntilListed("Black sesame latte");
        UntilText("[data-test=lacks]", "Black sesame sauce is out");
        Tab.Open("/service");
        UntilText("[data-test=lacks]", "Black sesame sauce is out");
        Tab.Open("/prep/stock").ChooseOption("[data-test=came]", "Black sesame sauce");
        Tab.Type("[data-test=packs]", "2");
        Tab.Click("[data-test=take-in]");
        UntilText("[data-test=lots]", "1.69 kg");
        Tab.Open("/service").Find("[data-test=drink]");
        Assert.False(Tab.Has("[data-test=lacks]"));

        Tab.Open("/prep/order").Find("[data-test=row]");
        using var http = new HttpClient { BaseAddress = Server.Address };
        Assert.StartsWith(
            "what,pack,",
            await http.GetStringAsync(
                Tab.AttributeOf("[data-test=csv]", "href"),
                TestContext.Current.CancellationToken
            ),
            StringComparison.Ordinal
        );
        Assert.Equal(
            (byte)'P',
            (
                await http.GetByteArrayAsync(
                    Tab.AttributeOf("[data-test=xlsx]", "href"),
                    TestContext.Current.CancellationToken
                )
            )[0]
        );

        // Read by ical.js.
        var file = Path.GetTempFileName();
        try
        {
            Tab.Open("/prep");
            await File.WriteAllTextAsync(
                file,
                await http.GetStringAsync(
                    Tab.AttributeOf("[data-test=calendar]", "href"),
                    TestContext.Current.CancellationToken
                ),
                TestContext.Current.CancellationToken
            );
            var events = JsonNode
                .Parse(
                    Outside.Run("node", Path.Combine(KrasisProcess.Root(), "tests", "reference", "calendar.mjs"), file)
                )!
                .AsArray();
            var plan = JsonNode.Parse(
                await http.GetStringAsync("/api/prep/plan", TestContext.Current.CancellationToken)
            )!["batches"]!
                .AsArray()
                .Where(batch => batch!["begin"] is not null)
                .ToList();

            // A batch that steeps, cools or rests has a second entry, for when it is ready.
            Assert.Equal(plan.Count + plan.Count(batch => (int)batch!["wait"]! > 0), events.Count);
            Assert.All(plan, batch =>
            {
                var found = events.First(each =>
                    (string?)each!["uid"] == $"{((string)batch!["key"]!).Replace('@', '-')}@prep.krasis"
                )!;
                Assert.Equal(
                    new DateTimeOffset(2026, 11, 25, 0, 0, 0, TimeSpan.Zero).AddMinutes((int)batch!["begin"]!),
                    DateTimeOffset.Parse((string)found["start"]!, CultureInfo.InvariantCulture)
                );
                Assert.Equal(
                    ((int)batch["work"]!, 0, 0),
                    ((int)found["minutes"]!, (int)found["alarm"]!, (int)found["sequence"]!)
                );
            });
        }
        finally
        {
            File.Delete(file);
        }
    }

    [Fact]
    public void A_new_house_says_when_it_prepares_and_what_is_not_saved_is_not_lost()
    {
        Tab.Open("/prep/settings").Find("[data-test=making]");
        Tab.Type("[data-test=opens-0]", "7 o'clock");
        Tab.Click("[data-test=save]");
        UntilText("[data-test=problem]", "'7 o'clock' is not a time of the day.");
        Tab.Type("[data-test=opens-0]", "06:45");
        Tab.Reload();
        Tab.Until("what was typed", () => Tab.AttributeOf("[data-test=opens-0]", "value") == "06:45");
        Tab.Click("[data-test=save]");
        Tab.Until("it is saved", () => !Tab.Find("[data-test=save]").Enabled);
        Tab.Reload();
        Tab.Until("what was saved", () => Tab.AttributeOf("[data-test=opens-0]", "value") == "06:45");
    }

    private string Total() => string.Join(' ', Tab.All("[data-test=total]").Select(total => total.Text));

    private static double Mm(Match match, int group) =>
        double.Parse(match.Groups[group].Value, CultureInfo.InvariantCulture) * Outside.MmPerPoint;

    [GeneratedRegex("<word xMin=\"([\\d.]+)\" yMin=\"([\\d.]+)\"[^>]*>([^<]*)</word>")]
    private static partial Regex Word();

    [GeneratedRegex(@"Page size:\s+([\d.]+) x ([\d.]+) pts")]
    private static partial Regex PageSize();
}
