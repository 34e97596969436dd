using Krasis.Exchange.Prep;

namespace Krasis.Exchange.Tests;

/// <summary>Batches as a calendar, against the rules of RFC 5545.</summary>
public class PrepCalendarTests
{
    private static readonly CalendarBatch Batch = new(
        "tern-1@krasis",
        3,
        "Tern syrup, 2 l",
        "Water, sugar; stir.\nLet it cool.",
        new DateTimeOffset(2026, 11, 25, 9, 30, 0, TimeSpan.FromHours(1)),
        new DateTimeOffset(2026, 11, 25, 10, 0, 0, TimeSpan.FromHours(1)),
        new DateTimeOffset(2026, 11, 24, 18, 0, 0, TimeSpan.Zero),
        IsOff: false
    );

    [Fact]
    public void An_entry_has_its_id_its_times_and_how_often_it_has_changed()
    {
        var lines = Lines(Batch);
        Assert.Equal("BEGIN:VCALENDAR", lines[0]);
        foreach (
            var line in new[]
            {
                "METHOD:PUBLISH",
                "VERSION:2.0",
                "X-WR-CALNAME:Prep",
                "UID:tern-1@krasis",
                "SEQUENCE:3",
                "STATUS:CONFIRMED",
                "DTSTART:20261125T083000Z", // 3.3.5: UTC.
                "DTEND:20261125T090000Z",
                "DTSTAMP:20261124T180000Z",
                "SUMMARY:Tern syrup\\, 2 l", // 3.3.11: what is escaped in a text.
                "DESCRIPTION:Water\\, sugar\\; stir.\\nLet it cool.",
                "ACTION:DISPLAY",
            }
        )
        {
            Assert.Contains(line, lines);
        }
    }

    [Fact]
    public void What_is_called_off_is_cancelled_and_rings_for_nobody()
    {
        var lines = Lines(Batch with { IsOff = true, Sequence = 4 });
        Assert.Contains("STATUS:CANCELLED", lines);
        Assert.Contains("SEQUENCE:4", lines);
        Assert.DoesNotContain("BEGIN:VALARM", lines);
    }

    [Fact]
    public void Every_entry_is_written_even_where_there_is_none()
    {
        var two = Lines(Batch, Batch with { Uid = "tern-2@krasis" });
        Assert.Equal(2, two.Count(line => line == "BEGIN:VEVENT"));
        Assert.Equal("END:VCALENDAR", Lines().Last());
    }

    // 3.1: lines end with CR LF, and a long one goes on behind a space.
    private static List<string> Lines(params CalendarBatch[] batches)
    {
        var text = PrepCalendar.Write(batches, "Prep");
        Assert.All(text.TrimEnd('\r', '\n').Split("\r\n"), line => Assert.DoesNotContain('\n', line));
        return [.. text.Replace("\r\n ", "", StringComparison.Ordinal).TrimEnd('\r', '\n').Split("\r\n")];
    }
}
