using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Making;
using Krasis.Core.Making.Telling;
using Krasis.Store;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Making;

/// <summary>Tells how a build is made, as it stands on a sheet, as one would send it in a message.</summary>
public static class TextEndpoint
{
    public static void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/text", Tell)
            .WithTags("Making")
            .WithSummary("How a build is made, as text or Markdown, in metric, US or UK words. Nothing is kept.")
            .Fails(400, 422);

    private static Results<Ok<TextView>, ProblemResult> Tell(TextRequest request, KrasisFile file)
    {
        var bar = file.Read(session => session.Bar.Facts());
        var build = BuildReader.Read(request.Build, bar);
        if (!build.IsRead)
        {
            return ProblemResult.Fields([
                .. build.Problems.Select(problem => problem with { Field = $"build.{problem.Field}" }),
            ]);
        }

        var plans = Planner.Plan(build.Value, bar);
        var told = plans.IsRead
            ? plans.Value.Where(plan => request.Size is null || plan.Size.Value == request.Size).ToList()
            : [];
        return !plans.IsRead ? ProblemResult.Fields(plans.Problems)
            : told.Count == 0
                ? ProblemResult.Fields([
                    new Problem(
                        "size",
                        request.Size,
                        "The drink is not sold in that.",
                        "a cup of the build, or none for all"
                    ),
                ])
            : TypedResults.Ok(new TextView(RecipeText.Of(told, request.Words, request.IsMarkdown)));
    }
}

/// <summary>What is to be told.</summary>
/// <param name="Build">The build as it stands.</param>
/// <param name="Size">The cup; null for all.</param>
/// <param name="Words">In which measures.</param>
/// <param name="IsMarkdown">Whether heads and lists are marked.</param>
public sealed record TextRequest(BuildDocument Build, string? Size, KitchenWords Words, bool IsMarkdown);

/// <summary>How a build is made.</summary>
/// <param name="Text">The text.</param>
public sealed record TextView(string Text);
