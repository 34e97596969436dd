using System.Text.RegularExpressions;
using Krasis.Core.Input;

namespace Krasis.App.Shared;

/// <summary>Ids that a page or a tablet gives to what it keeps, so that what is sent twice is kept once.</summary>
public static partial class GivenId
{
    /// <summary>What is no such id, as a problem; null where it is one.</summary>
    /// <param name="field">Where it was given.</param>
    /// <param name="id">What was given.</param>
    /// <param name="says">What is wrong with it, such as <c>No tablet calls a make so.</c></param>
    public static Problem? Refusal(string field, string? id, string says) =>
        id is not null && Pattern().IsMatch(id)
            ? null
            : Problem.At(field, id, says, "16 to 40 of the digits 0 to 9, a to f and hyphens");

    [GeneratedRegex("^[0-9a-f-]{16,40}$")]
    private static partial Regex Pattern();
}
