using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Store.Standards;

namespace Krasis.Web.Features.Files;

/// <summary>A standard that is on the board, worked out with the facts of its day.</summary>
/// <param name="Stored">The standard.</param>
/// <param name="Bar">Its facts.</param>
/// <param name="Build">It, read.</param>
/// <param name="Sheet">What it comes to.</param>
internal sealed record OnTheBoard(StoredStandard Stored, BarFacts Bar, Build Build, BuildSheet Sheet)
{
    /// <summary>The standards that are in season on a day, by name.</summary>
    public static IReadOnlyList<OnTheBoard> Of(IEnumerable<StoredStandard> standards, DateOnly day) =>
        [
            .. from stored in standards
            let bar = BarReader.Read(stored.Bar).Value
            let build = BuildReader.Read(stored.Document, bar).Value
            where build.Season?.Holds(day) != false
            orderby build.Name
            select new OnTheBoard(stored, bar, build, Mixer.Mix(build, bar, day)),
        ];
}
