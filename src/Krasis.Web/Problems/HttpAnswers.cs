using Krasis.App.Shared;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Problems;

/// <summary>Answers over HTTP with what came of a use case.</summary>
internal static class HttpAnswers
{
    /// <summary>Answers with 200.</summary>
    public static Results<Ok<T>, ProblemResult> ToOk<T>(this Result<T> result) =>
        result.Refusal is { } refusal ? ProblemResult.Of(refusal) : TypedResults.Ok(result.Value);

    /// <summary>Answers with 201.</summary>
    /// <param name="result">The result.</param>
    /// <param name="location">Where what was made can be read.</param>
    public static Results<Created<T>, ProblemResult> ToCreated<T>(this Result<T> result, Func<T, string> location) =>
        result.Refusal is { } refusal
            ? ProblemResult.Of(refusal)
            : TypedResults.Created(location(result.Value), result.Value);

    /// <summary>Answers with 204.</summary>
    public static Results<NoContent, ProblemResult> ToNoContent(this Result<Done> result) =>
        result.Refusal is { } refusal ? ProblemResult.Of(refusal) : TypedResults.NoContent();

    /// <summary>Answers with 204.</summary>
    public static Results<NoContent, ProblemResult> ToNoContent(this Conditional<Done> conditional) =>
        conditional.Result is { } result ? result.ToNoContent() : ProblemResult.Unconditional();

    /// <summary>Names the version of what is answered in the ETag.</summary>
    public static async ValueTask<object?> TellVersion(
        EndpointFilterInvocationContext context,
        EndpointFilterDelegate next
    )
    {
        var answer = await next(context);
        var inner = answer is INestedHttpResult nested ? nested.Result : answer;
        if (inner is IValueHttpResult { Value: IVersioned { Etag.Length: > 0 } versioned })
        {
            context.HttpContext.Response.Headers.ETag = versioned.Etag;
        }

        return answer;
    }
}
