using Krasis.Core.Input;

namespace Krasis.Core.Builds.Scaling;

/// <summary>How what a line follows is said.</summary>
public static class ScalingWords
{
    /// <summary>Every rule, in the order in which they are offered, with its name in documents.</summary>
    public static IReadOnlyList<(string Code, string Words)> All { get; } =
    [.. Enum.GetValues<ScaleBy>().Select(by => (Choice.Word(by), Of(by)))];

    /// <summary>How a rule is said.</summary>
    public static string Of(ScaleBy by) =>
        by switch
        {
            ScaleBy.Fixed => "the same in every size",
            ScaleBy.Ladder => "one step a size",
            ScaleBy.Cup => "with the cup",
            ScaleBy.Coffee => "with the coffee",
            ScaleBy.Sweetness => "for sweetness",
            ScaleBy.Rest => "the rest of the cup",
            ScaleBy.House => "as the house pours it",
            _ => "a share",
        };
}
