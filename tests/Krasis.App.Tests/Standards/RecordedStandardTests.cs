using Dapper;
using Krasis.App.Making;
using Krasis.App.Shared;
using Krasis.App.Standards;
using Krasis.App.Versions;
using Krasis.Core.Judging;
using Krasis.Core.Making;
using Krasis.Core.Quantities;
using Krasis.Store;
using Krasis.Store.Json;
using Krasis.Store.Tests;
using Microsoft.Data.Sqlite;

namespace Krasis.App.Tests.Standards;

/// <summary>A published number is a record: who published it, with which sums, and what it said then.</summary>
public sealed class RecordedStandardTests : IDisposable
{
    private readonly PloverLock house = new();

    public void Dispose() => house.Dispose();

    [Fact]
    public void Who_published_and_why_stands_in_the_history()
    {
        var id = house.Id("Ginger-pear tide");
        var published = Publish(id, "Mira", "The panel liked it.");

        Assert.Equal(("Mira", "The panel liked it."), (published.Who, published.Reason));
        var entry = new ReadHistory(house.File).Run(id).Value.First(entry => entry.Kind == "published");
        Assert.Equal(("Mira", "The panel liked it."), (entry.Who, entry.Reason));
        Assert.Equal("Mira", new ListStandards(house.File).Run(id).Value[0].Who);
    }

    [Fact]
    public void Cards_and_compared_versions_show_what_was_recorded_and_not_what_is_worked_out_now()
    {
        var id = house.Id("Hazelnut iced latte");
        Assert.Empty(Moved());

        // As an earlier program with other sums would have left it: every size 10 ml less of room, another first step.
        var other = Rewrite(id, frozen =>
            frozen with
            {
                Sheet = frozen.Sheet with
                {
                    Sizes =
                    [
                        .. frozen.Sheet.Sizes.Select(size =>
                            size with
                            {
                                Fill = size.Fill with { RoomLeft = Millilitres.From(size.Fill.RoomLeft.Value - 10) },
                            }
                        ),
                    ],
                },
                Plans = frozen.Plans.ToDictionary(
                    plan => plan.Key,
                    plan =>
                        (IReadOnlyList<MakingPlan>)
                            [.. plan.Value.Select(size => size with { Drink = "As it was called" })]
                ),
            }
        );

        var cards = new ReadCards(house.File).Run(id, null, null, new()).Value;
        Assert.Equal("As it was called", cards.Plans[0].Drink);
        var read = new ReadStandard(house.File).Run(id, 2).Value;
        Assert.Equal(other.Sheet.Sizes[0].Fill.RoomLeft, read.Sheet.Sizes[0].Fill.RoomLeft);
        var place = house.File.Read(session => BuildPlace.Find(session, $"{id}@s2"))!;
        Assert.Equal(other.Sheet.Sizes[0].Fill.RoomLeft, place.Sheet.Sizes[0].Fill.RoomLeft);

        // And the move is told once for every size, as one that came of the sums.
        var moved = Assert.Single(Moved(), moved => moved.BySums);
        Assert.Equal(id, moved.Build);
        Assert.Equal(4, moved.Sizes.Count);
    }

    [Fact]
    public void A_standard_that_is_published_again_is_no_longer_moved()
    {
        var id = house.Id("Hazelnut iced latte");
        Rewrite(id, frozen =>
            frozen with
            {
                Sheet = frozen.Sheet with
                {
                    Sizes =
                    [
                        .. frozen.Sheet.Sizes.Select(size =>
                            size with
                            {
                                Fill = size.Fill with { RoomLeft = Millilitres.From(size.Fill.RoomLeft.Value - 10) },
                            }
                        ),
                    ],
                },
            }
        );
        Assert.Contains(Moved(), moved => moved.Build == id);

        Publish(id, "Ida", "As today's sums have it.");
        Assert.Empty(Moved());
    }

    /// <summary>Standards came with the fourth migration; the seventeenth keeps their sheets.</summary>
    public static TheoryData<int> Versions => [.. EarlierFile.Versions.Where(version => version is >= 4 and < 17)];

    [Theory]
    [MemberData(nameof(Versions))]
    public void A_file_of_every_earlier_program_keeps_its_standards_and_gets_their_sheets(int version)
    {
        using var folder = new TemporaryFolder();
        var (document, bar, reason) = house.File.Read(session =>
        {
            var standard = session.Standards.Last(house.Id("Hazelnut iced latte"))!;
            return (standard.Document, standard.Bar, standard.Published.Why);
        });
        EarlierFile.Make(folder.File, version);
        Fill(folder.File, version, KrasisJsonOf(document), KrasisJsonOf(bar), reason);

        var file = KrasisFile.Open(folder.File, house.Clock);
        Assert.Equal(1, new RecordOlderStandards(file, house.Clock).Run().Value);
        Assert.Equal(0, new RecordOlderStandards(file, house.Clock).Run().Value);

        var kept = file.Read(session => session.Standards.Last("b"))!;
        Assert.Equal(reason, kept.Published.Why);
        Assert.Equal(version >= 6 ? "Mira" : "", kept.Published.Who);
        Assert.Equal(SumsVersion.Current, kept.Record!.Sums);
        Assert.Equal(FrozenJson.Write(kept.Freeze()), FrozenJson.Write(kept.Frozen));

        // A SQLite that is not ours finds nothing wrong with it either (Debian's sqlite3).
        using var connection = new SqliteConnection($"Data Source={folder.File};Pooling=false");
        Assert.Equal("ok", connection.ExecuteScalar<string>("PRAGMA integrity_check"));
        Assert.Empty(connection.Query("PRAGMA foreign_key_check"));
    }

    private static void Fill(string path, int version, string document, string bar, string reason)
    {
        EarlierFile.Run(
            path,
            "INSERT INTO build (id, name, version, created_at, updated_at, document) VALUES ('b', 'b', 1, '2026-01-01T00:00:00Z', '2026-01-01T00:00:00Z', @document)",
            new { document }
        );
        EarlierFile.Run(
            path,
            "INSERT INTO standard (build_id, number, published_at, reason, document, bar) VALUES ('b', 1, '2026-02-01T00:00:00.0000000Z', @reason, @document, @bar)",
            new
            {
                reason,
                document,
                bar,
            }
        );
        if (version >= 6)
        {
            EarlierFile.Run(
                path,
                "INSERT INTO state_change (build_id, number, changed_at, state, who, reason) VALUES ('b', 1, '2026-02-01T00:00:00.0000000Z', 'standard', 'Mira', '')"
            );
        }

        if (version is >= 12 and < 17)
        {
            EarlierFile.Run(
                path,
                """
                INSERT INTO tasting (id, version, state, created_at, document) VALUES ('t', 1, 'draft', '2026-01-01T00:00:00Z', '{}');
                INSERT INTO taster (tasting_id, seat, device, is_simulated, came_at) VALUES ('t', 1, 'd', 0, '2026-01-01T00:00:00Z')
                """
            );
        }
    }

    private static string KrasisJsonOf<T>(T document) =>
        System.Text.Json.JsonSerializer.Serialize(document, System.Text.Json.JsonSerializerOptions.Web);

    private StandardView Publish(string id, string who, string reason)
    {
        var etag = house.File.Read(session => VersionTag.Of(session.Builds.Find(id)!.Version, session));
        return new PublishBuild(house.File, house.Clock)
            .Run(id, new PublishRequest { Who = who, Reason = reason }, new ExpectedVersion([etag]))
            .Value;
    }

    private IReadOnlyList<MovedStandard> Moved() => new ReadMovedStandards(house.File).Run().Value;

    // The program itself can change no record: the file refuses it.
    private FrozenStandard Rewrite(string id, Func<FrozenStandard, FrozenStandard> change)
    {
        var changed = change(house.File.Read(session => session.Standards.Last(id))!.Frozen);
        EarlierFile.Run(
            house.Path,
            "DROP TRIGGER standard_sheet_stays; UPDATE standard_sheet SET sums = 1000, sheet = @json WHERE build_id = @id",
            new { id, json = FrozenJson.Write(changed) }
        );
        return changed;
    }
}
