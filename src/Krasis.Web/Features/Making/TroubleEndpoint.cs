using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Making.Complaining;
using Krasis.Core.Making.Pouring;
using Krasis.Store;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Making;

/// <summary>Says what may be behind a complaint about a drink.</summary>
public static class TroubleEndpoint
{
    private const int DaysBack = 21;

    public static void Map(IEndpointRouteBuilder routes)
    {
        var trouble = routes.MapGroup("/api/complaints").WithTags("Making");
        trouble.MapGet("", List).WithSummary("What people say is wrong with a drink, in words.");
        trouble
            .MapPost("", Answer)
            .WithSummary(
                "What may be behind a complaint about a build: the likeliest first, each with the edit, the bench or the hands' work."
            )
            .Fails(400, 413, 422);
    }

    private static Ok<IReadOnlyList<ComplaintView>> List() =>
        TypedResults.Ok<IReadOnlyList<ComplaintView>>([
            .. ComplaintWords.All.Select(each => new ComplaintView(each, ComplaintWords.Say(each))),
        ]);

    private static Results<Ok<Diagnosis>, ProblemResult> Answer(
        ComplaintRequest request,
        KrasisFile file,
        TimeProvider clock
    )
    {
        var fields = new FieldReader();
        var complaint = fields.Word("complaint", request.Complaint, Complaint.Sour);
        if (fields.Problems.Count > 0)
        {
            return ProblemResult.Fields(fields.Problems);
        }

        var from = clock.GetUtcNow().AddDays(-DaysBack);
        var (bar, series) = file.Read(session =>
            (session.Bar.Facts(), PouredEndpoint.SeriesSince(session, from, clock))
        );
        var found = Diagnosis.Of(
            request.Build.WithoutNulls(),
            bar,
            new CupId(request.Size ?? ""),
            complaint,
            PourFindings.In(series),
            clock.Today()
        );
        return found.IsRead ? TypedResults.Ok(found.Value) : ProblemResult.Fields(found.Problems);
    }
}

/// <summary>A complaint and its words.</summary>
/// <param name="Complaint">The complaint.</param>
/// <param name="Says">Its words.</param>
public sealed record ComplaintView(Complaint Complaint, string Says);

/// <summary>What somebody complains of.</summary>
/// <param name="Build">The drink.</param>
/// <param name="Size">The size that was drunk.</param>
/// <param name="Complaint">What was said, such as sour.</param>
public sealed record ComplaintRequest(BuildDocument Build, string? Size, string? Complaint);
