using Krasis.Core.Builds;
using Krasis.Store.Builds;

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
