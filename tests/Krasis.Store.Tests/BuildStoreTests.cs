using Krasis.Core.Builds;
using Krasis.Store.Builds;
using Krasis.Store.Values;

namespace Krasis.Store.Tests;

public sealed class BuildStoreTests : IDisposable
{
    private static readonly DateTimeOffset Noon = new(2026, 3, 1, 12, 0, 0, TimeSpan.Zero);

    private readonly TemporaryFolder folder = new();
    private readonly KrasisFile file;

    public BuildStoreTests()
    {
        file = KrasisFile.Open(folder.File);
        Write(builds => builds.Add("one", Document("Zesty"), Noon));
    }

    public void Dispose() => folder.Dispose();

    [Fact]
    public void A_build_comes_back_as_it_was_kept()
    {
        var document = Document("Whole") with
        {
            ReserveMm = 12.5,
            Sizes = ["s", "m"],
            ReferenceSize = "m",
            Lines =
            [
                new()
                {
                    Id = "l",
                    Ingredient = "i",
                    Measure = "ml",
                    Amount = 0.1 + 0.2,
                    Pins = [new() { Size = "s", Amount = 1e-9 }],
                },
            ],
        };
        Write(builds => builds.Add("two", document, Noon));
        var kept = Read(builds => builds.Find("two"))!;

        Assert.Equal((1, Noon, Noon), (kept.Version, kept.CreatedAt, kept.UpdatedAt));
        Assert.Equal("Whole", kept.Document.Name);
        Assert.Equal(12.5, kept.Document.ReserveMm);
        Assert.Equal(0.1 + 0.2, kept.Document.Lines[0].Amount);
        Assert.Equal(1e-9, kept.Document.Lines[0].Pins[0].Amount);
    }

    [Fact]
    public void Builds_are_listed_by_name_whatever_the_case()
    {
        Write(builds => builds.Add("two", Document("apricot"), Noon));
        Write(builds => builds.Add("three", Document("Basil"), Noon));

        Assert.Equal(["apricot", "Basil", "Zesty"], Read(builds => builds.List()).Select(build => build.Document.Name));
    }

    [Fact]
    public void A_change_counts_the_version_up_and_moves_the_time()
    {
        Assert.Equal(SaveOutcome.Saved, Write(builds => builds.Update("one", 1, Document("Milder"), Noon.AddHours(1))));
        var kept = Read(builds => builds.Find("one"))!;

        Assert.Equal(
            (2, Noon, Noon.AddHours(1), "Milder"),
            (kept.Version, kept.CreatedAt, kept.UpdatedAt, kept.Document.Name)
        );
    }

    [Fact]
    public void A_change_of_an_older_version_does_nothing()
    {
        Write(builds => builds.Update("one", 1, Document("First"), Noon));

        Assert.Equal(SaveOutcome.Stale, Write(builds => builds.Update("one", 1, Document("Second"), Noon)));
        Assert.Equal(SaveOutcome.Stale, Write(builds => builds.Delete("one", 1, Noon)));
        Assert.Equal("First", Read(builds => builds.Find("one"))!.Document.Name);
    }

    [Fact]
    public void What_is_not_there_is_missing()
    {
        Assert.Equal(SaveOutcome.Missing, Write(builds => builds.Update("none", 1, Document("x"), Noon)));
        Assert.Equal(SaveOutcome.Missing, Write(builds => builds.Delete("none", 1, Noon)));
        Assert.False(Write(builds => builds.Restore("none")));
        Assert.Null(Read(builds => builds.Find("none")));
    }

    [Fact]
    public void A_deleted_build_is_out_of_the_list_until_it_is_restored()
    {
        Assert.Equal(SaveOutcome.Saved, Write(builds => builds.Delete("one", 1, Noon)));
        Assert.Empty(Read(builds => builds.List()));
        Assert.Null(Read(builds => builds.Find("one")));
        Assert.Equal("one", Read(builds => builds.ListDeleted()).Single().Id);
        Assert.Equal(SaveOutcome.Missing, Write(builds => builds.Update("one", 1, Document("x"), Noon)));

        Assert.True(Write(builds => builds.Restore("one")));
        Assert.Equal("Zesty", Read(builds => builds.Find("one"))!.Document.Name);
        Assert.Empty(Read(builds => builds.ListDeleted()));
    }

    [Fact]
    public void Saves_of_one_page_are_folded_and_those_of_two_pages_never()
    {
        Save(1, "Z", "left");
        Save(2, "Ze", "left");
        Save(3, "Zest", "right");
        Save(4, "Zester", null);
        Save(5, "Zesters", null);

        // 2 went into 3. Every other save came from another page, or from nobody known.
        Assert.Equal([6, 5, 4, 3, 1], Revisions().Select(revision => revision.Version));

        void Save(long version, string name, string? page) =>
            Write(builds => builds.Update("one", version, Document(name), Noon, byItself: true, page));
    }

    [Theory]
    [InlineData(599, 2)]
    [InlineData(600, 3)]
    public void Saves_are_folded_within_ten_minutes(int seconds, int kept)
    {
        Write(builds => builds.Update("one", 1, Document("Z"), Noon, byItself: true, "left"));
        Write(builds => builds.Update("one", 2, Document("Ze"), Noon.AddSeconds(seconds), byItself: true, "left"));

        Assert.Equal(kept, Revisions().Count);
    }

    [Fact]
    public void A_merge_keeps_both_sides_in_the_history()
    {
        Write(builds => builds.Update("one", 1, Document("Theirs"), Noon, byItself: true, "left"));
        Assert.Equal(
            SaveOutcome.Stale,
            Write(builds => builds.UpdateMerged("one", 1, Document("Mine"), Document("Both"), Noon, "right"))
        );
        Assert.Equal(
            SaveOutcome.Saved,
            Write(builds => builds.UpdateMerged("one", 2, Document("Mine"), Document("Both"), Noon, "right"))
        );

        Assert.Equal(["Both", "Mine", "Theirs", "Zesty"], Revisions().Select(revision => revision.Document.Name));
        Assert.Equal(
            (4, "Both"),
            (Read(builds => builds.Find("one"))!.Version, Read(builds => builds.Find("one"))!.Document.Name)
        );
    }

    [Fact]
    public void Every_save_is_signed_with_who_wrote()
    {
        file.WhoWrites = () => "Mira";
        Write(builds => builds.Update("one", 1, Document("Signed"), Noon));

        Assert.Equal(["Mira", ""], Revisions().Select(revision => revision.Who));
    }

    [Fact]
    public void Only_a_deleted_build_can_be_restored()
    {
        Assert.False(Write(builds => builds.Restore("one")));
        Assert.False(Write(builds => builds.Restore("nobody")));
    }

    private IReadOnlyList<Revision> Revisions() => Read(builds => builds.Revisions("one"));

    private static BuildDocument Document(string name) => new() { Name = name };

    private T Read<T>(Func<BuildStore, T> work) => file.Read(session => work(session.Builds));

    private T Write<T>(Func<BuildStore, T> work) => file.Write(session => work(session.Builds));

    private void Write(Action<BuildStore> work) =>
        file.Write(session =>
        {
            work(session.Builds);
            return true;
        });
}
