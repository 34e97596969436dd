using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Store.Standards;

namespace Krasis.App.Files;

/// <summary>A standard that is on the board, as it was recorded when it was published.</summary>
/// <param name="Stored">The standard.</param>
/// <param name="Bar">Its facts.</param>
/// <param name="Build">It, read.</param>
/// <param name="Sheet">What it comes to.</param>
public sealed record OnTheBoard(StoredStandard Stored, BarFacts Bar, Build Build, BuildSheet Sheet)
{
    /// <summary>The standards that are in season on a day, by name.</summary>
    public static IReadOnlyList<OnTheBoard> Of(IEnumerable<StoredStandard> standards, DateOnly day) =>
        [
            .. from stored in standards
            let bar = BarReader.Read(stored.Bar).Value
            let build = BuildReader.Read(stored.Document, bar).Value
            where build.Season?.Holds(day) != false
            orderby build.Name
            select new OnTheBoard(stored, bar, build, stored.Frozen.Sheet),
        ];
}
