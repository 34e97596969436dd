namespace Krasis.Core.Builds;

/// <summary>The life of a build, from draft to retired: which moves there are, and what may be saved without being
/// asked for.</summary>
public static class BuildLife
{
    /// <summary>What a build can become from where it is. A standard becomes one again by being published
    /// anew.</summary>
    public static IReadOnlyList<BuildState> MovesFrom(BuildState state) =>
        state switch
        {
            BuildState.Draft => [BuildState.Trial, BuildState.Standard, BuildState.Retired],
            BuildState.Trial => [BuildState.Standard, BuildState.Draft, BuildState.Retired],
            BuildState.Standard => [BuildState.Standard, BuildState.Trial, BuildState.Retired],
            _ => [BuildState.Draft, BuildState.Trial],
        };

    /// <summary>Whether a build can go from one state to another.</summary>
    public static bool CanMove(BuildState from, BuildState to) => MovesFrom(from).Contains(to);

    /// <summary>Whether a page may save it without being asked: what is tasted or poured changes only when somebody
    /// says so.</summary>
    public static bool MaySaveItself(BuildState state) => state == BuildState.Draft;

    /// <summary>What a build can become, in words.</summary>
    public static string SayMoves(BuildState from) => string.Join(" or ", MovesFrom(from).Select(Say));

    /// <summary>What a state is called in a sentence.</summary>
    public static string Say(BuildState state) =>
        state switch
        {
            BuildState.Draft => "a draft",
            BuildState.Trial => "on trial",
            BuildState.Standard => "a standard",
            _ => "retired",
        };
}
