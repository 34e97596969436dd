using Krasis.App.Shared;
using Krasis.Core.Changing.Seeking;

namespace Krasis.App.Builds;

/// <summary>Finds builds by words and allergens.</summary>
public sealed class SearchBuilds(Library library, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<IReadOnlyList<FoundBuild>> Run(string? text = null)
    {
        var query = SeekQuery.Read(text);
        return Result.Of<IReadOnlyList<FoundBuild>>([
            .. library
                .On(clock.Today())
                .Builds.Select(build => (build.Row.Id, Match: query.Of(build.Sought)))
                .Where(found => found.Match is not null)
                .Select(found => new FoundBuild(found.Id, found.Match!.Why, found.Match.IsKnown))
                .OrderByDescending(found => found.IsKnown),
        ]);
    }
}
