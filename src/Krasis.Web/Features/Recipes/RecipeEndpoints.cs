using Krasis.App.Recipes;
using Krasis.Exchange.Recipes;
using Krasis.Recipes;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Krasis.Web.Features.Recipes;

/// <summary>Reads recipes as people write them, and keeps what they become as drafts.</summary>
internal sealed class RecipeEndpoints : IEndpoints
{
    private const int LargestFile = 8_000_000;

    public void Map(IEndpointRouteBuilder routes)
    {
        var recipes = routes.MapGroup("/api/recipes").WithTags("Recipes");
        recipes
            .MapPost("/text", Text)
            .WithSummary(
                "What a file of recipes says as one text: text, Markdown, CSV, XLSX, JSON-LD, or a saved page. Nothing is kept."
            )
            .Accepts<byte[]>("application/octet-stream")
            .Fails(413, 422)
            .WithMetadata(new RequestSizeLimitAttribute(LargestFile + 1), new BadRequests.Unbuffered());
        recipes
            .MapPost("/read", (ReadRequest request, ReadRecipes act) => act.Run(request).ToOk())
            .WithName(nameof(ReadRecipes))
            .WithSummary(
                "Read the recipes in a text: what became of each piece of it, and the drafts. Nothing is kept."
            )
            .Fails(400, 413, 422);
        recipes
            .MapPost("/keep", (KeepRecipe request, SaveRecipe act, Guid? asked = null) =>
                act.Run(request, asked).ToCreated(kept => $"/api/builds/{kept.Id}")
            )
            .WithName(nameof(SaveRecipe))
            .WithSummary(
                "Keep a recipe's draft, with the parts that come with it; asked is the id that it is to have, so that it can be asked for again when the answer was lost."
            )
            .Fails(400, 409, 413, 422);
    }

    private static async Task<Results<Ok<RecipeTextView>, ProblemResult>> Text(
        HttpRequest request,
        string? name,
        CancellationToken cancellation
    )
    {
        using var sent = new MemoryStream();
        await request.Body.CopyToAsync(sent, cancellation).ConfigureAwait(false);
        var text = RecipeSource.Read(sent.ToArray(), name);
        return !text.IsRead ? ProblemResult.Fields(text.Problems)
            : text.Value.Length > RecipeReader.LongestText
                ? ProblemResult.Fields([RecipeParts.TooLong("file", text.Value.Length)])
            : TypedResults.Ok(new RecipeTextView(text.Value));
    }
}
