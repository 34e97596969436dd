using Krasis.Web.Tests.Outside;

namespace Krasis.Web.Tests.Prep;

/// <summary>Many readers of the calendar and somebody who writes do not get in one another's way.</summary>
public sealed class CalendarReadersTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task Twenty_four_readers_and_a_writer_are_all_answered()
    {
        var reading = Enumerable
            .Range(0, 24)
            .Select(async _ =>
            {
                var statuses = new List<int>();
                for (var i = 0; i < 4; i++)
                {
                    statuses.Add((await server.Get("/api/prep/calendar.ics")).Status);
                }

                return statuses;
            })
            .ToList();
        var written = new List<int>();
        for (var i = 0; i < 6; i++)
        {
            written.Add(
                (
                    await server.Put("/api/files/feeds", $$"""{"isPublic":{{(i % 2 == 0 ? "true" : "false")}}}""", null)
                ).Status
            );
        }

        Assert.All(written, status => Assert.InRange(status, 200, 299));
        Assert.All((await Task.WhenAll(reading)).SelectMany(statuses => statuses), status => Assert.Equal(200, status));
    }

    // json_valid(NULL) in a CHECK: SQLite 3.40 takes it for a broken one.
    [Fact]
    public async Task A_sqlite_that_is_not_ours_finds_nothing_wrong_with_the_file()
    {
        Assert.Equal(200, (await server.Get("/api/prep/calendar.ics")).Status);
        var (code, said) = OutsideProgram.Run(
            "sqlite3",
            "-readonly",
            server.DataFile,
            "PRAGMA integrity_check; PRAGMA foreign_key_check;"
        );

        Assert.Equal((0, "ok\n"), (code, said));
    }
}
