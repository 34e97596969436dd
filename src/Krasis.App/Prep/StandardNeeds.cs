using System.Collections.Concurrent;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Planning.Needing;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>What a cup of each standard takes. A standard does not change, and neither do its facts: each is worked out
/// once.</summary>
public sealed class StandardNeeds
{
    private readonly ConcurrentDictionary<(string Build, long Number, string Station), Drink> known = [];

    /// <summary>A drink as it is made at a station.</summary>
    /// <param name="Sizes">What each size takes, by cup; none where it cannot be made there.</param>
    /// <param name="IsIced">Whether there is ice in it.</param>
    /// <param name="Season">When it is on the board; null for all the year.</param>
    public sealed record Drink(
        IReadOnlyDictionary<string, IReadOnlyDictionary<Item, double>> Sizes,
        bool IsIced,
        Season? Season
    );

    /// <summary>Forgets all, for when other standards have come in the place of these.</summary>
    public void Forget() => known.Clear();

    /// <summary>What a standard takes at a station. It is read from the file only the first time.</summary>
    public Drink Of(Session session, string build, long number, string station)
    {
        var key = (build, number, station);
        if (!known.TryGetValue(key, out var drink))
        {
            var standard = session.Standards.Find(build, number)!;
            drink = known.GetOrAdd(key, Of(standard.Document, BarReader.Read(standard.Bar).Value, station));
        }

        return drink;
    }

    /// <summary>What a build takes at a station by a bar.</summary>
    public static Drink Of(BuildDocument document, BarFacts bar, string station)
    {
        var place = bar.Stations.FirstOrDefault(each => each.Id == station);
        var here = place is null ? bar : bar.At(place);
        if (BuildReader.Read(document, here) is not { IsRead: true } read)
        {
            return new Drink(new Dictionary<string, IReadOnlyDictionary<Item, double>>(), false, null);
        }

        var sizes = CupNeed
            .Of(read.Value, here)
            .Where(size => station.Length == 0 || here.Cups.First(cup => cup.Id.Value == size.Key).IsAt(station))
            .ToDictionary(size => size.Key, size => size.Value);
        return new Drink(
            sizes,
            read.Value.Lines.Any(line => here.Find(line.Ingredient) is { IsIce: true }),
            read.Value.Season
        );
    }
}
