using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;
using Krasis.App.Shared;
using Krasis.Core.Input;
using Microsoft.AspNetCore.Diagnostics;

namespace Krasis.Web.Problems;

/// <summary>Turns requests that cannot be read into problems that name the field and what was in it.</summary>
public sealed partial class BadRequests : IExceptionHandler
{
    /// <summary>Keeps a request's body, so that a value in it can be named afterwards.</summary>
    public static Task KeepBody(HttpContext context, RequestDelegate next)
    {
        if (
            context.Request.GetTypedHeaders().ContentType?.Charset is { HasValue: true } charset
            && !charset.Equals("utf-8", StringComparison.OrdinalIgnoreCase)
        )
        {
            return ProblemResult
                .Unreadable(
                    StatusCodes.Status415UnsupportedMediaType,
                    $"It is said to be written in '{Problem.Shorten(charset.ToString())}'. Send JSON in UTF-8."
                )
                .ExecuteAsync(context);
        }

        if (context.GetEndpoint()?.Metadata.GetMetadata<Unbuffered>() is not null)
        {
            return next(context);
        }

        context.Request.EnableBuffering(RequestLimits.Largest, RequestLimits.Largest + 1);
        return next(context);
    }

    /// <summary>Marks an endpoint that takes a file, which is too large to be kept twice.</summary>
    public sealed class Unbuffered;

    public async ValueTask<bool> TryHandleAsync(
        HttpContext httpContext,
        Exception exception,
        CancellationToken cancellationToken
    )
    {
        if (exception is not BadHttpRequestException bad)
        {
            return false;
        }

        var result = bad switch
        {
            { InnerException: JsonException json } => await Explain(json, httpContext.Request.Body, cancellationToken)
                .ConfigureAwait(false),
            _ when InAddress().Match(bad.Message) is { Success: true } bound => Explain(
                bound.Groups[1].Value,
                bound.Groups[2].Value
            ),
            _ when !httpContext.Request.Body.CanSeek => ProblemResult.Unreadable(
                bad.StatusCode,
                bad.StatusCode == StatusCodes.Status413PayloadTooLarge
                    ? "The file is larger than anything that Krasis writes. Nothing was kept."
                    : bad.Message
            ),
            _ when httpContext.Request.Body.Length == 0 || bad.Message.StartsWith(NoBody, StringComparison.Ordinal) =>
                ProblemResult.Unreadable(bad.StatusCode, "It is empty. Send JSON."),
            _ => ProblemResult.Unreadable(bad.StatusCode, bad.Message),
        };
        await result.ExecuteAsync(httpContext).ConfigureAwait(false);
        return true;
    }

    /// <summary>Says more than the status of those problems that are answered before anything of Krasis runs.</summary>
    public static void Explain(ProblemDetailsContext context) =>
        context.ProblemDetails.Detail ??= context.ProblemDetails.Status switch
        {
            StatusCodes.Status404NotFound => "There is nothing at this address.",
            StatusCodes.Status405MethodNotAllowed =>
                $"{context.HttpContext.Request.Method} cannot be done at this address.",
            StatusCodes.Status413PayloadTooLarge =>
                $"The request is larger than {RequestLimits.Largest / 1000} kB, which no build needs. Nothing was saved.",
            StatusCodes.Status415UnsupportedMediaType => "Send JSON, as application/json.",
            _ => null,
        };

    private static async Task<ProblemResult> Explain(
        JsonException json,
        Stream body,
        CancellationToken cancellationToken
    )
    {
        body.Position = 0;
        using var copy = new MemoryStream();
        await body.CopyToAsync(copy, cancellationToken).ConfigureAwait(false);
        var text = Encoding.UTF8.GetString(copy.ToArray());
        var field = (json.Path ?? "$").TrimStart('$').TrimStart('.');
        var place = field.Length == 0 ? "The whole" : field;
        try
        {
            using var document = JsonDocument.Parse(text);
            var value = JsonPlace.Find(document.RootElement, field) is { } found
                ? Problem.Shorten(found.GetRawText())
                : null;
            var (message, accepted) = Say(json);
            return ProblemResult.Unreadable(
                StatusCodes.Status400BadRequest,
                $"{place}: {message} Accepted: {accepted}.",
                new FieldProblem(field, value, message, accepted)
            );
        }
        catch (JsonException broken)
        {
            const string Accepted = "JSON; numbers are written as 12.5, and NaN and Infinity are no numbers";
            var message = $"It is not JSON at line {broken.LineNumber + 1}, byte {broken.BytePositionInLine + 1}.";
            return ProblemResult.Unreadable(
                StatusCodes.Status400BadRequest,
                $"{place}: {message} Accepted: {Accepted}.",
                new FieldProblem(field, JsonPlace.TokenAt(text, broken), message, Accepted)
            );
        }
    }

    private static ProblemResult Explain(string field, string value)
    {
        const string Message = "That cannot be read in the address.";
        // A parameter that is a property has the property's name.
        field = JsonNamingPolicy.CamelCase.ConvertName(field);
        const string Accepted = "what the API's description says, at /openapi/v1.json";
        return ProblemResult.Unreadable(
            StatusCodes.Status400BadRequest,
            $"{field}: {Message} Accepted: {Accepted}.",
            new FieldProblem(field, Problem.Shorten(value), Message, Accepted)
        );
    }

    // As the framework says that a value of the address is not of its type.
    [GeneratedRegex("^Failed to bind parameter \"\\S+ (\\w+)\" from \"(.*)\"\\.$", RegexOptions.Singleline)]
    private static partial Regex InAddress();

    // As the framework says that a body is the word null.
    private const string NoBody = "Implicit body inferred for parameter";

    private static (string Message, string Accepted) Say(JsonException json) =>
        json.Message switch
        {
            var m when m.Contains("could not be mapped", StringComparison.Ordinal) => (
                "There is no such field.",
                "the fields of the API's description, at /openapi/v1.json"
            ),
            var m when m.StartsWith(Measurable.Refusal, StringComparison.Ordinal) => (
                Measurable.Refusal,
                "0, or a number that a scale, a jug or a clock can show"
            ),
            var m when m.Contains("Double", StringComparison.Ordinal) => (
                "That is not a number.",
                "a number such as 12.5, without quotes"
            ),
            var m when m.Contains("System.String", StringComparison.Ordinal) => ("That is not text.", "text in quotes"),
            var m when m.Contains("IReadOnlyList", StringComparison.Ordinal) => (
                "That is not a list.",
                "a list in square brackets"
            ),
            _ => ("That is not what belongs here.", "what the API's description says, at /openapi/v1.json"),
        };
}
