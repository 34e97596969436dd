using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Bringing;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Working.Mixing;
using Krasis.Exchange.Recipes;
using Krasis.Recipes;
using Krasis.Store;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Krasis.Web.Features.Recipes;

/// <summary>Reads recipes as people write them, and keeps what they become as drafts.</summary>
internal static class RecipeEndpoints
{
    private const int LargestFile = 8_000_000;
    private const int MostChoices = 200;

    // A recipe that says how to make more parts is a book.
    private const int MostParts = 20;

    public static void Map(IEndpointRouteBuilder routes)
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
            .MapPost("/read", Read)
            .WithSummary(
                "Read the recipes in a text: what became of each piece of it, and the drafts. Nothing is kept."
            )
            .Fails(400, 413, 422);
        recipes
            .MapPost("/keep", Keep)
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
            : text.Value.Length > RecipeReader.LongestText ? ProblemResult.Fields([TooLong("file", text.Value.Length)])
            : TypedResults.Ok(new RecipeTextView(text.Value));
    }

    private static Results<Ok<RecipesView>, ProblemResult> Read(
        ReadRequest request,
        KrasisFile file,
        TimeProvider clock
    )
    {
        var source = RecipeSource.Read(request.Text ?? "");
        if (!source.IsRead)
        {
            return ProblemResult.Fields([.. source.Problems.Select(problem => problem with { Field = "text" })]);
        }

        var text = source.Value;
        if (string.IsNullOrWhiteSpace(text) || text.Length > RecipeReader.LongestText)
        {
            return ProblemResult.Fields([
                text.Length > 1 && !string.IsNullOrWhiteSpace(text)
                    ? TooLong("text", text.Length)
                    : new Problem("text", "", "There is no text.", RecipeSource.Accepted),
            ]);
        }

        var bar = file.Read(session => session.Bar.Whole());
        var choices = (request.Choices ?? [])
            .Where(choice => choice is { Said: not null, Ingredient: not null })
            .Take(MostChoices)
            .ToList();
        return TypedResults.Ok(
            new RecipesView(
                text,
                [.. RecipeReader.Read(text, bar, choices).Select(recipe => View(recipe, bar, clock.Today()))]
            )
        );
    }

    private static Results<Created<KeptRecipe>, ProblemResult> Keep(
        KeepRecipe request,
        KrasisFile file,
        TimeProvider clock,
        Guid? asked = null
    )
    {
        var id = (asked ?? Guid.CreateVersion7(clock.GetUtcNow())).ToString();
        var parts = (request.Parts ?? []).Where(part => part is not null).ToList();
        if (request.Draft is null)
        {
            return ProblemResult.Fields([new Problem("draft", null, "There is no draft.", "a build")]);
        }

        if (parts.Count > MostParts || parts.DistinctBy(part => part.Id).Count() != parts.Count)
        {
            return ProblemResult.Fields([
                new Problem(
                    "parts",
                    null,
                    parts.Count > MostParts ? $"These are {parts.Count} parts." : "Two parts are known by the same.",
                    $"at most {MostParts} parts, each known by something of its own"
                ),
            ]);
        }

        return file.Write<Results<Created<KeptRecipe>, ProblemResult>>(session =>
        {
            // A page that has not heard the answer asks again under the same id.
            if (session.Builds.Find(id) is { } there)
            {
                return TypedResults.Created($"/api/builds/{id}", new KeptRecipe(id, there.Document.Name ?? ""));
            }

            if (session.Builds.FindDeleted(id) is not null)
            {
                return ProblemResult.Conflict(
                    "That build has been deleted.",
                    "Bring it back, or keep this one as another build."
                );
            }

            var ids = parts.ToDictionary(
                part => part.Id ?? "",
                _ => Guid.CreateVersion7(clock.GetUtcNow()).ToString(),
                StringComparer.Ordinal
            );
            foreach (var part in parts)
            {
                session.Bar.Add(BarKinds.Parts, ids[part.Id ?? ""], Renamed(part, ids), clock.GetUtcNow());
            }

            var whole = BarReader.Read(session.Bar.Whole());
            if (!whole.IsRead)
            {
                session.Abandon();
                return ProblemResult.Fields([.. whole.Problems.Select(problem => problem with { Field = "parts" })]);
            }

            var names = new FreeNames(session.Builds.List().Select(build => build.Document.Name ?? ""));
            var draft = request.Draft.WithoutNulls() with
            {
                Lines =
                [
                    .. request
                        .Draft.WithoutNulls()
                        .Lines.Select(line =>
                            line.Ingredient is { } own && ids.TryGetValue(own, out var kept)
                                ? line with
                                {
                                    Ingredient = kept,
                                }
                                : line
                        ),
                ],
            };
            var reading = BuildReader.Read(draft, whole.Value);
            if (!reading.IsRead)
            {
                session.Abandon();
                return ProblemResult.Fields([
                    .. reading.Problems.Select(problem => problem with { Field = $"draft.{problem.Field}" }),
                ]);
            }

            var named = draft with { Name = names.Give(reading.Value.Name) };
            session.Builds.Add(id, named, clock.GetUtcNow());
            return TypedResults.Created($"/api/builds/{id}", new KeptRecipe(id, named.Name));
        });
    }

    private static PartDocument Renamed(PartDocument part, Dictionary<string, string> ids) =>
        part with
        {
            Id = ids[part.Id ?? ""],
            Lines =
            [
                .. (part.Lines ?? [])
                    .Where(line => line is not null)
                    .Select(line =>
                        line.Ingredient is { } own && ids.TryGetValue(own, out var kept)
                            ? line with
                            {
                                Ingredient = kept,
                            }
                            : line
                    ),
            ],
        };

    private static RecipeView View(ReadRecipe recipe, BarDocument bar, DateOnly today)
    {
        var facts = BarReader.Read(bar with { Parts = [.. bar.Parts, .. recipe.Parts] }).Value;
        var build = BuildReader.Read(recipe.Draft, facts, nameless: true);
        var sheet = build.IsRead && recipe.Draft.Lines.Count > 0 ? Mixer.Mix(build.Value, facts, today) : null;
        var problem =
            recipe.Draft.Lines.Count == 0 ? "Nothing that goes in was found."
            : build.IsRead ? null
            : build.Problems[0].Message;
        return new RecipeView(
            recipe.Pieces,
            recipe.Draft,
            recipe.Parts,
            [.. (sheet?.Sizes ?? []).Select(size => size.Name)],
            sheet is null
                ? []
                :
                [
                    .. sheet
                        .Sizes[0]
                        .Lines.Select(
                            (line, i) =>
                                new ReadLine(
                                    line.IngredientName,
                                    [.. sheet.Sizes.Select(size => SaidOf(size.Lines[i]))],
                                    HowOf(recipe.Draft.Lines[i])
                                )
                        ),
                ],
            recipe.Assumed,
            [
                .. (sheet?.Findings ?? [])
                    .Where(finding => finding.Severity is Severity.Fault or Severity.Warning)
                    .OrderBy(finding => finding.Severity)
                    .Select(finding => finding.Message)
                    .Distinct(),
            ],
            problem,
            recipe.Unknown,
            new PieceCounts(
                recipe.Pieces.Count(piece => piece.Kind == PieceKind.Read),
                recipe.Pieces.Count(piece => piece.Kind == PieceKind.Guessed),
                recipe.Pieces.Count(piece => piece.Kind == PieceKind.NotUnderstood)
            )
        );
    }

    // A mark is what is said, and the amount what comes of it.
    private static string SaidOf(SheetLine line)
    {
        var amount = string.Create(CultureInfo.InvariantCulture, $"{line.Amount:0.##} {line.Unit}");
        return line.Mark is { } mark ? $"{mark.Says}: {amount}" : amount;
    }

    private static string? HowOf(LineDocument line) =>
        line.Technique is { } code
        && Techniques.All.FirstOrDefault(facts => facts.Code == code) is { Technique: not Technique.Pour } how
            ? how.Words
            : null;

    private static Problem TooLong(string field, int length) =>
        new(
            field,
            null,
            $"The text has {length} characters.",
            $"at most {RecipeReader.LongestText}: a notebook in several parts"
        );
}
