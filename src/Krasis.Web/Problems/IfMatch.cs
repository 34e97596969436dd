using Krasis.App.Shared;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.Net.Http.Headers;

namespace Krasis.Web.Problems;

/// <summary>Reads which version a request changes (RFC 9110, 13.1.1).</summary>
internal static class IfMatch
{
    /// <summary>What a request says; null when it says nothing. A weak tag never matches, as RFC 9110 has it.</summary>
    public static ExpectedVersion? Of(HttpRequest request)
    {
        if (!request.Headers.ContainsKey(HeaderNames.IfMatch))
        {
            return null;
        }

        var tags = request.GetTypedHeaders().IfMatch;
        return tags.Contains(EntityTagHeaderValue.Any)
            ? ExpectedVersion.Any
            : new ExpectedVersion([.. tags.Where(tag => !tag.IsWeak).Select(tag => tag.Tag.Value!)]);
    }

    /// <summary>Does something to the version that a request names, or refuses where it names none.</summary>
    public static Conditional<T> IfMatched<T>(this HttpRequest request, Func<ExpectedVersion, Result<T>> act) =>
        new(Of(request) is { } expected ? act(expected) : null);
}

/// <summary>What came of a request that has to name a version.</summary>
/// <param name="Result">It; null where the request names no version.</param>
internal readonly record struct Conditional<T>(Result<T>? Result)
{
    /// <summary>Answers with 200.</summary>
    public Results<Ok<T>, ProblemResult> ToOk() => Result is null ? ProblemResult.Unconditional() : Result.ToOk();

    /// <summary>Answers with 201.</summary>
    public Results<Created<T>, ProblemResult> ToCreated(Func<T, string> location) =>
        Result is null ? ProblemResult.Unconditional() : Result.ToCreated(location);
}
