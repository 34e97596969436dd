using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging;

namespace Krasis.Core.Changing.Moving;

/// <summary>What a change of the bar's facts would do to the builds, before it is kept.</summary>
/// <param name="Uses">The names of the builds that use what is changed, in order.</param>
/// <param name="Moved">Those that it moves, and those that it would break.</param>
public sealed record Effect(IReadOnlyList<string> Uses, IReadOnlyList<BuildMove> Moved)
{
    /// <summary>Works every build out before and after, on every core there is.</summary>
    /// <param name="builds">The builds with their ids; every one can be read before.</param>
    /// <param name="uses">Whether a build uses what is changed.</param>
    /// <param name="before">The bar as it is.</param>
    /// <param name="after">The bar as it would be.</param>
    /// <param name="today">The day.</param>
    /// <param name="known">What a build comes to by the bar as it is, where that is known already; null where it is
    /// not.</param>
    public static Effect Of(
        IReadOnlyList<(string Id, BuildDocument Document)> builds,
        Func<BuildDocument, bool> uses,
        BarFacts before,
        BarFacts after,
        DateOnly today,
        Func<string, SheetFigures?>? known = null
    )
    {
        var moves = Recompute.Each(builds, build =>
            Move(
                build.Id,
                build.Document,
                known?.Invoke(build.Id) ?? Figures(build.Document, before, today),
                after,
                today
            )
        );
        return new Effect(
            [.. builds.Where(build => uses(build.Document)).Select(build => build.Document.Name ?? "")],
            [.. moves.Where(move => move.Trouble is not null || move.Sizes.Count > 0)]
        );
    }

    private static BuildMove Move(string id, BuildDocument document, SheetFigures? was, BarFacts after, DateOnly today)
    {
        var will = BuildReader.Read(document, after);
        var name = document.Name ?? "";
        return (was, will.IsRead) switch
        {
            // One that could not be read before either is not this change's doing.
            (null, _) => new BuildMove(id, name, null, []),
            (_, false) => new BuildMove(id, name, will.Problems[0].Message, []),
            _ => new BuildMove(
                id,
                name,
                null,
                SheetMoves.Between(was, SheetFigures.Of(Mixer.Mix(will.Value, after, today)))
            ),
        };
    }

    private static SheetFigures? Figures(BuildDocument document, BarFacts bar, DateOnly today) =>
        BuildReader.Read(document, bar) is { IsRead: true } reading
            ? SheetFigures.Of(Mixer.Mix(reading.Value, bar, today))
            : null;
}
