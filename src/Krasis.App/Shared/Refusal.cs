using Krasis.Core.Input;

namespace Krasis.App.Shared;

/// <summary>Why something was not done, and what to do about it.</summary>
/// <param name="Kind">What sort of reason it is.</param>
/// <param name="Title">What is wrong, in one sentence.</param>
/// <param name="Detail">What to do about it.</param>
/// <param name="Problems">The fields it is about; empty where it is about none.</param>
public sealed record Refusal(RefusalKind Kind, string Title, string Detail, IReadOnlyList<Problem> Problems)
{
    /// <summary>Fields hold what cannot be taken.</summary>
    public static Refusal Fields(IReadOnlyList<Problem> problems) =>
        new(
            RefusalKind.Fields,
            problems.Count == 1 ? "One entry cannot be taken." : $"{problems.Count} entries cannot be taken.",
            string.Join(
                " ",
                problems
                    .Take(5)
                    .Select(problem => $"{Placed(problem.Field)}{problem.Message} Accepted: {problem.Accepted}.")
            ),
            problems
        );

    /// <summary>It is not there.</summary>
    /// <param name="what">What it is, such as <c>build</c>.</param>
    public static Refusal Missing(string what) =>
        new(RefusalKind.Missing, $"There is no such {what}.", "It may have been deleted, or the address is wrong.", []);

    /// <summary>It is not there any more, and why.</summary>
    /// <param name="title">What has become of it.</param>
    /// <param name="detail">Where to look instead.</param>
    public static Refusal Gone(string title, string detail) => new(RefusalKind.Missing, title, detail, []);

    /// <summary>Somebody else changed it first.</summary>
    /// <param name="what">What it is, such as <c>build</c>.</param>
    public static Refusal Stale(string what) =>
        new(
            RefusalKind.Stale,
            $"This {what} has been changed since you opened it.",
            "Nothing was saved or overwritten. Load it again, or save yours under another name.",
            []
        );

    /// <summary>It does not say which version it changes.</summary>
    public static Refusal Unconditional() =>
        new(
            RefusalKind.Unconditional,
            "The request does not say which version it changes.",
            "Send the ETag that came with what you change as If-Match.",
            []
        );

    /// <summary>It contradicts something else that is kept.</summary>
    public static Refusal Conflict(string title, string detail) => new(RefusalKind.Conflict, title, detail, []);

    /// <summary>The stock book has another entry with the same id.</summary>
    public static Refusal SentAsSomethingElse =>
        Conflict(
            "This entry was already saved with other details.",
            "The stock book keeps the entry that was saved first. Reload the page to see it."
        );

    // The field in words before its message, as people read it; the problems themselves name it as it was sent.
    private static string Placed(string field) =>
        FieldWords.Of(field) is { Length: > 0 } words ? $"{char.ToUpperInvariant(words[0])}{words[1..]}: " : "";
}
