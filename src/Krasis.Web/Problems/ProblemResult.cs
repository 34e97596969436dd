using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Store.Files;

namespace Krasis.Web.Problems;

/// <summary>Answers with a problem.</summary>
public sealed class ProblemResult : IResult, IStatusCodeHttpResult
{
    private readonly KrasisProblem problem;

    private ProblemResult(
        int status,
        string type,
        string title,
        string detail,
        IReadOnlyList<FieldProblem>? errors = null
    )
    {
        problem = new KrasisProblem
        {
            Status = status,
            Type = $"urn:krasis:problem:{type}",
            Title = title,
            Detail = detail,
            Errors = errors ?? [],
        };
    }

    public int? StatusCode => problem.Status;

    /// <summary>Fields hold what cannot be taken.</summary>
    public static ProblemResult Fields(IReadOnlyList<Problem> problems) =>
        new(
            StatusCodes.Status422UnprocessableEntity,
            "fields",
            problems.Count == 1 ? "One entry cannot be taken." : $"{problems.Count} entries cannot be taken.",
            string.Join(
                " ",
                problems
                    .Take(5)
                    .Select(problem => $"{Placed(problem.Field)}{problem.Message} Accepted: {problem.Accepted}.")
            ),
            [
                .. problems.Select(problem => new FieldProblem(
                    problem.Field,
                    problem.Value,
                    problem.Message,
                    problem.Accepted
                )),
            ]
        );

    /// <summary>The request itself cannot be read.</summary>
    public static ProblemResult Unreadable(int status, string detail, params IReadOnlyList<FieldProblem> errors) =>
        new(status, "unreadable", "The request cannot be read.", detail, errors);

    /// <summary>It is not there.</summary>
    public static ProblemResult Missing(string what) =>
        new(
            StatusCodes.Status404NotFound,
            "missing",
            $"There is no such {what}.",
            $"It may have been deleted, or the address is wrong."
        );

    /// <summary>It is there for nobody but the lead, who has not said otherwise.</summary>
    /// <param name="title">What is not there.</param>
    /// <param name="detail">Who can say otherwise, and where.</param>
    public static ProblemResult Closed(string title, string detail) =>
        new(StatusCodes.Status404NotFound, "missing", title, detail);

    /// <summary>A device of the bar does not do what it is asked.</summary>
    /// <param name="detail">What is the matter, and what to look after.</param>
    public static ProblemResult Device(string detail) =>
        new(StatusCodes.Status502BadGateway, "device", "The device does not answer.", detail);

    /// <summary>Somebody else changed it first.</summary>
    public static ProblemResult Stale(string what) =>
        new(
            StatusCodes.Status412PreconditionFailed,
            "stale",
            $"This {what} has been changed since you opened it.",
            "Nothing was saved or overwritten. Load it again, or save yours under another name."
        );

    /// <summary>The request does not say which version it is about.</summary>
    public static ProblemResult Unconditional() =>
        new(
            StatusCodes.Status428PreconditionRequired,
            "unconditional",
            "The request does not say which version it changes.",
            "Send the ETag that came with what you change as If-Match."
        );

    /// <summary>It contradicts something else that is kept.</summary>
    public static ProblemResult Conflict(string title, string detail) =>
        new(StatusCodes.Status409Conflict, "conflict", title, detail);

    /// <summary>It comes from elsewhere.</summary>
    public static ProblemResult Foreign(string detail) =>
        new(StatusCodes.Status403Forbidden, "foreign", "This is not for anybody but Krasis itself.", detail);

    /// <summary>A file beside the data file cannot be written or read.</summary>
    public static ProblemResult NoFile(KrasisFileException trouble) =>
        new(
            StatusCodes.Status503ServiceUnavailable,
            "file",
            "That file cannot be written now.",
            $"{trouble.Message} Nothing was changed."
        );

    /// <summary>Nothing can be kept now.</summary>
    public static ProblemResult Unkept(DataFileException trouble) =>
        new(
            trouble.Trouble == DataFileTrouble.Full
                ? StatusCodes.Status507InsufficientStorage
                : StatusCodes.Status503ServiceUnavailable,
            "data-file",
            "Krasis cannot save now.",
            trouble.Message
        );

    public Task ExecuteAsync(HttpContext httpContext)
    {
        httpContext.Response.StatusCode = problem.Status!.Value;
        return httpContext.Response.WriteAsJsonAsync(problem, options: null, contentType: "application/problem+json");
    }

    // The field in words before its message, as people read it; the errors themselves name it as it was sent.
    private static string Placed(string field) =>
        FieldWords.Of(field) is { Length: > 0 } words ? $"{char.ToUpperInvariant(words[0])}{words[1..]}: " : "";
}
