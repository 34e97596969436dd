using Krasis.App.Shared;
using Krasis.Core.Input;
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

    /// <summary>A use case refused.</summary>
    public static ProblemResult Of(Refusal refusal) =>
        new(
            refusal.Kind switch
            {
                RefusalKind.Fields => StatusCodes.Status422UnprocessableEntity,
                RefusalKind.Missing => StatusCodes.Status404NotFound,
                RefusalKind.Stale => StatusCodes.Status412PreconditionFailed,
                RefusalKind.Unconditional => StatusCodes.Status428PreconditionRequired,
                RefusalKind.Conflict => StatusCodes.Status409Conflict,
                _ => throw new ArgumentOutOfRangeException(nameof(refusal)),
            },
            Choice.Word(refusal.Kind),
            refusal.Title,
            refusal.Detail,
            [
                .. refusal.Problems.Select(problem => new FieldProblem(
                    problem.Field,
                    problem.Value,
                    problem.Message,
                    problem.Accepted
                )),
            ]
        );

    /// <summary>Fields hold what cannot be taken.</summary>
    public static ProblemResult Fields(IReadOnlyList<Problem> problems) => Of(Refusal.Fields(problems));

    /// <summary>The request itself cannot be read.</summary>
    public static ProblemResult Unreadable(int status, string detail, params IReadOnlyList<FieldProblem> errors) =>
        new(status, "unreadable", "The request cannot be read.", detail, errors);

    /// <summary>It is not there.</summary>
    public static ProblemResult Missing(string what) => Of(Refusal.Missing(what));

    /// <summary>It is there for nobody but the lead, who has not said otherwise.</summary>
    /// <param name="title">What is not there.</param>
    /// <param name="detail">Who can say otherwise, and where.</param>
    public static ProblemResult Closed(string title, string detail) =>
        new(StatusCodes.Status404NotFound, "missing", title, detail);

    /// <summary>A device of the bar does not do what it is asked.</summary>
    /// <param name="detail">What is the matter, and what to look after.</param>
    public static ProblemResult Device(string detail) =>
        new(StatusCodes.Status502BadGateway, "device", "The device does not answer.", detail);

    /// <summary>The request does not say which version it changes.</summary>
    public static ProblemResult Unconditional() => Of(Refusal.Unconditional());

    /// <summary>It contradicts something else that is kept.</summary>
    public static ProblemResult Conflict(string title, string detail) => Of(Refusal.Conflict(title, detail));

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
}
