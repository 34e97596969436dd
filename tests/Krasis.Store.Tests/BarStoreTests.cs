using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Kinds;
using Krasis.Store.Values;

namespace Krasis.Store.Tests;

public sealed class BarStoreTests : IDisposable
{
    private static readonly DateTimeOffset Noon = new(2026, 5, 1, 12, 0, 0, TimeSpan.Zero);

    private readonly TemporaryFolder folder = new();
    private readonly KrasisFile file;

    public BarStoreTests() => file = KrasisFile.Open(folder.File);

    public void Dispose() => folder.Dispose();

    [Fact]
    public void Facts_stay_in_the_order_they_came_in()
    {
        Assert.True(file.Read(session => session.Bar.IsEmpty));
        foreach (var name in new[] { "Zinc", "Amber", "Moss" })
        {
            Add(name);
        }

        Assert.False(file.Read(session => session.Bar.IsEmpty));
        Assert.Equal(["Zinc", "Amber", "Moss"], file.Read(session => session.Bar.Whole()).Cups.Select(cup => cup.Name));
        Assert.Empty(file.Read(session => session.Bar.Whole()).Ingredients);
    }

    [Fact]
    public void Two_changes_of_one_fact_do_not_overwrite_each_other()
    {
        Add("Zinc");

        Assert.Equal(SaveOutcome.Saved, Update(1, "Tin"));
        Assert.Equal(SaveOutcome.Stale, Update(1, "Lead"));
        Assert.Equal(SaveOutcome.Stale, file.Write(session => session.Bar.Delete(BarKinds.Cups, "Zinc", 1, Noon)));
        Assert.Equal(
            SaveOutcome.Missing,
            file.Write(session => session.Bar.Delete(BarKinds.Dispensers, "Zinc", 1, Noon))
        );
        Assert.Equal("Tin", file.Read(session => session.Bar.List(BarKinds.Cups)).Single().Document.Name);
        Assert.Equal(SaveOutcome.Saved, file.Write(session => session.Bar.Delete(BarKinds.Cups, "Zinc", 2, Noon)));
        Assert.True(file.Read(session => session.Bar.IsEmpty));
    }

    [Fact]
    public void What_is_removed_comes_back_as_it_was_last_and_nothing_of_its_life_is_forgotten()
    {
        Add("Zinc");
        Add("Amber");
        Update(1, "Tin");
        Assert.Equal(SaveOutcome.Missing, Restore("Zinc"));
        file.Write(session => session.Bar.Delete(BarKinds.Cups, "Zinc", 2, Noon));
        Assert.Equal(
            [("cups", "Zinc", "Tin", Noon)],
            file.Read(session => session.Bar.Removed()).Select(fact => (fact.Kind, fact.Id, fact.Name, fact.RemovedAt))
        );
        Assert.Equal(SaveOutcome.Missing, Restore("Copper"));

        Assert.Equal(SaveOutcome.Saved, Restore("Zinc"));

        // It has an older tab's version no more, so that nothing slips past the removal.
        Assert.Equal(SaveOutcome.Stale, Update(2, "Lead"));
        Assert.Equal(
            ("Tin", 4),
            file.Read(session => session.Bar.List(BarKinds.Cups))
                .Where(cup => cup.Id == "Zinc")
                .Select(cup => (cup.Document.Name, cup.Version))
                .Single()
        );
        Assert.Empty(file.Read(session => session.Bar.Removed()));
        Assert.Equal(
            [(4, "Tin"), (3, null), (2, "Tin"), (1, "Zinc")],
            file.Read(session => session.Bar.History(BarKinds.Cups, "Zinc"))
                .Select(version => (version.Version, version.Document?.Name))
        );
        Assert.All(file.Read(session => session.Bar.History(BarKinds.Cups, "Zinc")), version =>
            Assert.Equal(Noon, version.SavedAt)
        );
        Assert.Empty(file.Read(session => session.Bar.History(BarKinds.Cups, "Copper")));
    }

    private SaveOutcome Restore(string id) => file.Write(session => session.Bar.Restore(BarKinds.Cups, id, Noon));

    private SaveOutcome Update(long version, string name) =>
        file.Write(session =>
            session.Bar.Update(BarKinds.Cups, "Zinc", version, new CupDocument { Id = "Zinc", Name = name }, Noon)
        );

    private void Add(string id) =>
        file.Write(session =>
        {
            session.Bar.Add(
                BarKinds.Cups,
                id,
                new CupDocument
                {
                    Id = id,
                    Name = id,
                    HeightMm = 100,
                },
                Noon
            );
            return true;
        });
}
