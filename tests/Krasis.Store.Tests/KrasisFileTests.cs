using System.Reflection;
using Dapper;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Making;
using Krasis.Store.Files;
using Krasis.Store.Standards;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Tests;

public sealed class KrasisFileTests : IDisposable
{
    private static readonly Signature Signed = new("Mira", "It tastes better.", DateTimeOffset.UnixEpoch);

    private static readonly FrozenStandard Frozen = new(
        new BuildSheet("Lantern", new("s"), "ratio", Serve.Hot, [], default, default, 0, "€", []),
        new Dictionary<string, IReadOnlyList<MakingPlan>>()
    );

    private readonly TemporaryFolder folder = new();

    public void Dispose() => folder.Dispose();

    // SQLite's documentation of the pragma: 2 is FULL, with which a commit is on the disk before it is answered.
    [Fact]
    public void A_write_is_on_the_disk_before_it_is_answered()
    {
        var connection = typeof(Session).GetField("connection", BindingFlags.Instance | BindingFlags.NonPublic)!;
        var file = KrasisFile.Open(folder.File);
        Assert.Equal(
            2,
            file.Write(session =>
                ((SqliteConnection)connection.GetValue(session)!).ExecuteScalar<int>("PRAGMA synchronous")
            )
        );
    }

    [Fact]
    public void Makes_a_file_where_there_is_none_folders_and_all()
    {
        var path = Path.Combine(folder.Root, "deep", "down", "k.db");

        Assert.Empty(KrasisFile.Open(path).Read(session => session.Builds.List()));
        Assert.True(File.Exists(path));
    }

    [Fact]
    public void Opens_its_own_file_again_with_what_is_in_it()
    {
        KrasisFile.Open(folder.File).Write(session => Add(session, "a"));

        Assert.Equal("a", KrasisFile.Open(folder.File).Read(session => session.Builds.List()).Single().Id);
    }

    [Fact]
    public void Keeps_a_write_ahead_log_and_knows_its_file()
    {
        KrasisFile.Open(folder.File);
        using var connection = Connect();

        Assert.Equal("wal", connection.ExecuteScalar<string>("PRAGMA journal_mode"));
        Assert.Equal(1265787251, connection.ExecuteScalar<long>("PRAGMA application_id"));
    }

    [Fact]
    public void Refuses_a_file_that_is_no_database_and_leaves_it_alone()
    {
        var text = string.Join('\n', Enumerable.Repeat("This is a shopping list: beans, milk, cups.", 100));
        File.WriteAllText(folder.File, text);

        var refusal = Assert.Throws<KrasisFileException>(() => KrasisFile.Open(folder.File));

        Assert.Contains("is not a database", refusal.Message, StringComparison.Ordinal);
        Assert.Contains(folder.File, refusal.Message, StringComparison.Ordinal);
        Assert.Equal(text, File.ReadAllText(folder.File));
    }

    [Fact]
    public void Refuses_the_database_of_another_program()
    {
        using (var connection = Connect())
        {
            connection.Execute("CREATE TABLE song (title TEXT)");
        }

        var refusal = Assert.Throws<KrasisFileException>(() => KrasisFile.Open(folder.File));

        Assert.Contains("is a database of another program", refusal.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void Refuses_a_file_of_a_newer_program_and_leaves_it_alone()
    {
        KrasisFile.Open(folder.File).Write(session => Add(session, "a"));
        using (var connection = Connect())
        {
            connection.Execute(
                "INSERT INTO SchemaVersions (ScriptName, Applied) VALUES ('Krasis.Store.Migrations.9999_of_the_future.sql', '2099-01-01')"
            );
        }

        var refusal = Assert.Throws<KrasisFileException>(() => KrasisFile.Open(folder.File));

        Assert.Contains("was written by a newer Krasis", refusal.Message, StringComparison.Ordinal);
        Assert.Contains("9999_of_the_future", refusal.Message, StringComparison.Ordinal);
        using var after = Connect();
        Assert.Equal(1, after.ExecuteScalar<long>("SELECT count(*) FROM build"));
    }

    [Fact]
    public void Brings_a_file_from_before_the_allowed_drift_up_to_date()
    {
        KrasisFile.Open(folder.File);
        using (var connection = Connect())
        {
            connection.Execute("DELETE FROM SchemaVersions WHERE ScriptName LIKE '%0002_allowed_drift.sql'");
            connection.Execute("""INSERT INTO bar_fact VALUES ('house', 'house', 1, 3, '{"reserveMm":10}')""");
        }

        var house = KrasisFile.Open(folder.File).Read(session => session.Bar.List(BarKinds.House)).Single();

        Assert.Equal(
            (4, 10, 15, 15),
            (
                house.Version,
                house.Document.ReserveMm,
                house.Document.StrengthDriftPercent,
                house.Document.SweetnessDriftPercent
            )
        );
    }

    [Fact]
    public void Brings_a_file_of_four_kinds_of_fact_up_to_date_with_all_that_is_in_it()
    {
        KrasisFile.Open(folder.File);
        using (var connection = Connect())
        {
            connection.Execute(
                """
                DELETE FROM SchemaVersions WHERE ScriptName LIKE '%0003%' OR ScriptName LIKE '%0004%' OR ScriptName LIKE '%0005%' OR ScriptName LIKE '%0006%';
                DROP TABLE standard;
                DROP TABLE revision;
                DROP TABLE state_change;
                ALTER TABLE build DROP COLUMN state;
                DROP TABLE bar_fact;
                CREATE TABLE bar_fact (
                    kind TEXT NOT NULL CHECK (kind IN ('cups', 'ingredients', 'dispensers', 'espresso', 'house')),
                    id TEXT NOT NULL, position INTEGER NOT NULL, version INTEGER NOT NULL, document TEXT NOT NULL, PRIMARY KEY (kind, id)) STRICT;
                INSERT INTO bar_fact VALUES ('cups', 'wren', 2, 5, '{"name":"Wren"}');
                """
            );
        }

        var file = KrasisFile.Open(folder.File);

        var cup = file.Read(session => session.Bar.List(BarKinds.Cups)).Single();
        Assert.Equal(("wren", 5, "Wren"), (cup.Id, cup.Version, cup.Document.Name));
        file.Write(session =>
        {
            session.Bar.Add(BarKinds.Parts, "p", new() { Name = "Part" }, DateTimeOffset.UnixEpoch);
            session.Bar.Add(BarKinds.Stations, "s", new() { Name = "Kiosk" }, DateTimeOffset.UnixEpoch);
            return true;
        });
        Assert.Equal("Part", file.Read(session => session.Bar.List(BarKinds.Parts)).Single().Document.Name);
        Assert.Equal("Kiosk", file.Read(session => session.Bar.Whole()).Stations.Single().Name);
    }

    [Fact]
    public void A_published_standard_can_neither_be_changed_nor_removed()
    {
        var file = KrasisFile.Open(folder.File);
        file.Write(session => Add(session, "a"));
        var numbers = Enumerable
            .Range(0, 2)
            .Select(_ =>
                file.Write(session =>
                    session.Standards.Add("a", new BuildDocument { Name = "a" }, new(), Frozen, Signed)
                )
            )
            .ToList();

        Assert.Equal([1, 2], numbers);
        using var connection = Connect();
        Assert.Contains(
            "does not change",
            Assert.Throws<SqliteException>(() => connection.Execute("UPDATE standard SET reason = 'x'")).Message,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "is kept",
            Assert.Throws<SqliteException>(() => connection.Execute("DELETE FROM standard")).Message,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "does not change",
            Assert.Throws<SqliteException>(() => connection.Execute("UPDATE standard_sheet SET sums = 9")).Message,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "is kept",
            Assert.Throws<SqliteException>(() => connection.Execute("DELETE FROM standard_sheet")).Message,
            StringComparison.Ordinal
        );
        Assert.Throws<SqliteException>(() =>
            file.Write(session => session.Standards.Add("nobody", new BuildDocument(), new(), Frozen, Signed))
        );
    }

    [Fact]
    public void A_standard_keeps_who_published_it_and_its_sheet_with_the_version_of_the_sums()
    {
        var file = KrasisFile.Open(folder.File);
        file.Write(session => Add(session, "a"));
        file.Write(session => session.Standards.Add("a", new BuildDocument { Name = "a" }, new(), Frozen, Signed));

        var kept = file.Read(session => session.Standards.Last("a"))!;
        Assert.Equal(Signed, kept.Published);
        Assert.Equal(SumsVersion.Current, kept.Record!.Sums);
        Assert.Equal("Lantern", kept.Frozen.Sheet.Name);

        // What is recorded stays, even if somebody records it again.
        file.Write(session =>
        {
            session.Standards.Record("a", 1, Frozen with { Sheet = Frozen.Sheet with { Name = "Other" } }, Signed.At);
            return true;
        });
        Assert.Equal("Lantern", file.Read(session => session.Standards.Last("a"))!.Frozen.Sheet.Name);
    }

    [Fact]
    public void What_was_prepared_is_worked_out_again_when_somebody_wrote_in_between()
    {
        var file = KrasisFile.Open(folder.File);
        var prepared = 0;
        var count = file.Write(
            session =>
            {
                if (prepared++ == 0)
                {
                    file.Write(other => Add(other, "in between"));
                }

                return session.Builds.Count;
            },
            (session, seen) =>
            {
                Add(session, $"after {seen}");
                return session.Builds.Count;
            }
        );

        // The first look saw no build; what was written follows from the second.
        Assert.Equal((2, 2), (prepared, count));
        Assert.NotNull(file.Read(session => session.Builds.Find("after 1")));
    }

    [Fact]
    public void A_writer_that_is_always_overtaken_gets_its_turn_in_the_end()
    {
        var file = KrasisFile.Open(folder.File);
        var prepared = 0;
        file.Write(
            session =>
            {
                // The last time it is prepared nobody else can write.
                if (prepared++ < 5)
                {
                    file.Write(other => Add(other, $"in between {prepared}"));
                }

                return session.Builds.Count;
            },
            (session, seen) => Add(session, $"after {seen}")
        );

        Assert.NotNull(file.Read(session => session.Builds.Find("after 5")));
    }

    [Fact]
    public void A_reader_prepares_without_holding_a_writer_up()
    {
        var file = KrasisFile.Open(folder.File);
        file.Read(session =>
        {
            // Both on one thread: with the write lock held this would wait until it gives up.
            file.Write(other => Add(other, "meanwhile"));
            return session.Builds.Count;
        });

        Assert.Equal(1, file.Read(session => session.Builds.Count));
    }

    [Fact]
    public void Refuses_a_folder_that_is_a_file()
    {
        File.WriteAllText(Path.Combine(folder.Root, "taken"), "");

        Assert.Throws<KrasisFileException>(() => KrasisFile.Open(Path.Combine(folder.Root, "taken", "k.db")));
    }

    [Fact]
    public void Keeps_nothing_of_work_that_throws_or_is_abandoned()
    {
        var file = KrasisFile.Open(folder.File);

        Assert.Throws<InvalidOperationException>(() =>
            file.Write<bool>(session =>
            {
                Add(session, "a");
                throw new InvalidOperationException();
            })
        );
        file.Write(session =>
        {
            session.Abandon();
            return Add(session, "b");
        });

        Assert.Empty(file.Read(session => session.Builds.List()));
    }

    [Fact]
    public void Writers_wait_for_one_another_and_lose_nothing()
    {
        var file = KrasisFile.Open(folder.File);

        Parallel.For(0, 24, number => file.Write(session => Add(session, $"build {number}")));

        Assert.Equal(24, file.Read(session => session.Builds.List()).Count);
    }

    private static bool Add(Session session, string id)
    {
        session.Builds.Add(id, new BuildDocument { Name = id }, DateTimeOffset.UnixEpoch);
        return true;
    }

    private SqliteConnection Connect()
    {
        var connection = new SqliteConnection($"Data Source={folder.File};Pooling=false");
        connection.Open();
        return connection;
    }
}
