namespace Krasis.Core.Judging;

/// <summary>What the checks are called where one of them is spoken of.</summary>
public static class AllCheckWords
{
    /// <summary>A check's name in words: <c>taste-drift</c> is "taste drift". One that is gone keeps its
    /// name.</summary>
    public static string Of(string? name) =>
        AllChecks.All.Any(check => check.Name == name) ? name!.Replace('-', ' ') : "a check that is gone";
}
