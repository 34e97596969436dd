using Krasis.App.Prep;
using Krasis.App.Seeding;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Store;
using Krasis.Store.Tests;
using Microsoft.Extensions.Time.Testing;

namespace Krasis.App.Tests;

/// <summary>The demo café in a data file of the test's own, on a Wednesday in November.</summary>
public sealed class PloverLock : IDisposable
{
    private readonly TemporaryFolder folder = new();

    public PloverLock()
    {
        File = KrasisFile.Open(Path, Clock);
        Seeder.FillIfFresh(File, demo: true, Clock);
    }

    public string Path => folder.File;

    public FakeTimeProvider Clock { get; } = new(new DateTimeOffset(2026, 11, 25, 9, 0, 0, TimeSpan.Zero));

    public KrasisFile File { get; }

    internal StandardNeeds Needs { get; } = new();

    /// <summary>The id of a drink.</summary>
    public string Id(string name) =>
        File.Read(session => session.Builds.List()).Single(build => build.Document.Name == name).Id;

    /// <summary>Every build of the café that can be read, with its bar.</summary>
    public IEnumerable<(Build Build, BarFacts Bar)> Builds()
    {
        var (bar, builds) = File.Read(session => (session.Bar.Facts(), session.Builds.List()));
        return builds.Select(build => (BuildReader.Read(build.Document, bar).Value, bar));
    }

    public void Dispose() => folder.Dispose();
}
