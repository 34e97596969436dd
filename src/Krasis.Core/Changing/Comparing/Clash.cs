namespace Krasis.Core.Changing.Comparing;

/// <summary>Something that two people changed differently.</summary>
/// <param name="Key">What the clash is known by: a path to the field, such as "Lines/l2/Amount".</param>
/// <param name="Where">What it is, in words: "Farm milk, amount".</param>
/// <param name="Theirs">How the other person has it, in words.</param>
/// <param name="Mine">How I have it, in words.</param>
public sealed record Clash(string Key, string Where, string Theirs, string Mine);

/// <summary>Whose version of a clash is kept.</summary>
public enum MergeChoice
{
    /// <summary>The version of the person who merges.</summary>
    Mine,

    /// <summary>The version that was saved meanwhile.</summary>
    Theirs,
}
