using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Kinds;

namespace Krasis.Store.Tests;

public sealed class BarStoreTests : IDisposable
{
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
        Assert.Equal(SaveOutcome.Stale, file.Write(session => session.Bar.Delete(BarKinds.Cups, "Zinc", 1)));
        Assert.Equal(SaveOutcome.Missing, file.Write(session => session.Bar.Delete(BarKinds.Dispensers, "Zinc", 1)));
        Assert.Equal("Tin", file.Read(session => session.Bar.List(BarKinds.Cups)).Single().Document.Name);
        Assert.Equal(SaveOutcome.Saved, file.Write(session => session.Bar.Delete(BarKinds.Cups, "Zinc", 2)));
        Assert.True(file.Read(session => session.Bar.IsEmpty));
    }

    private SaveOutcome Update(long version, string name) =>
        file.Write(session => session.Bar.Update(BarKinds.Cups, "Zinc", version, new CupDocument { Id = "Zinc", Name = name }));

    private void Add(string id) => file.Write(session =>
    {
        session.Bar.Add(BarKinds.Cups, id, new CupDocument { Id = id, Name = id, HeightMm = 100 });
        return true;
    });
}
