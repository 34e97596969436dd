using System.Text;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Changing.Moving;
using Krasis.Exchange.Pantry;
using Krasis.Store;
using Krasis.Web.Features.Bar;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Pantry;

/// <summary>Carries the bar's ingredients out to files and in from them.</summary>
public static class PantryFileEndpoints
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        var pantry = routes.MapGroup("/api/pantry").WithTags("Pantry");
        pantry
            .MapGet("/export.csv", (KrasisFile file) =>
                Download(PantryCsv.Write(Kept(file)), "text/csv", "krasis-pantry.csv")
            )
            .WithSummary("The bar's ingredients as comma-separated values.")
            .Produces<string>(200, "text/csv");
        pantry
            .MapGet("/export.json", (KrasisFile file) =>
                Download(PantryJson.Write(Kept(file)), "application/json", "krasis-pantry.json")
            )
            .WithSummary("The bar's ingredients as JSON.")
            .Produces<string>(200, "application/json");
        pantry
            .MapPost("/check", Check)
            .WithSummary(
                "Read a pantry file and say of each row whether it can be taken, and what the good ones would do. Nothing is kept."
            )
            .Fails(400, 413);
        pantry
            .MapPost("/import", Import)
            .WithSummary("Keep a pantry file: all of it, or all of its good rows, or nothing.")
            .Fails(400, 409, 413, 422);
    }

    private static IReadOnlyList<IngredientDocument> Kept(KrasisFile file) =>
        file.Read(session => session.Bar.Whole().Ingredients);

    private static FileContentHttpResult Download(string text, string type, string name) =>
        TypedResults.File(Encoding.UTF8.GetBytes(text), $"{type}; charset=utf-8", name);

    private static Ok<PantryCheck> Check(PantryRequest request, KrasisFile file, TimeProvider clock)
    {
        var (bar, builds) = file.Read(session =>
            (session.Bar.Whole(), session.Builds.List().Select(build => (build.Id, build.Document)).ToList())
        );
        var read = PantryFile.Read(request.Text, bar.Ingredients);
        var good = Good(read);
        var before = BarReader.Read(bar).Value;
        var after = BarReader.Read(
            bar with
            {
                Ingredients = Laid(bar.Ingredients, good, row => row.Known ?? $"{FactTrial.NewId}-{row.Line}"),
            }
        );
        return TypedResults.Ok(
            new PantryCheck(
                [
                    .. read.Rows.Select(row => new PantryRowView(
                        row.Line,
                        row.Document.Name ?? "",
                        StateOf(row, bar.Ingredients),
                        row.Problems
                    )),
                ],
                read.Problems,
                after.IsRead ? null : after.Problems[0].Message,
                !PantryFile.IsJson(request.Text) && read.Rows.Any(row => row.Problems.Count > 0)
                    ? PantryCsv.WriteBad(request.Text, read.Rows)
                    : null,
                after.IsRead ? Effect.Of(builds, _ => false, before, after.Value, clock.Today()).Moved : []
            )
        );
    }

    private static Results<Ok<PantryImported>, ProblemResult> Import(
        PantryRequest request,
        KrasisFile file,
        TimeProvider clock
    ) =>
        file.Write<Results<Ok<PantryImported>, ProblemResult>>(session =>
        {
            var bar = session.Bar.Whole();
            var kept = session.Bar.List(BarKinds.Ingredients);
            var read = PantryFile.Read(request.Text, [.. kept.Select(fact => fact.Document)]);
            var bad = read.Problems.Concat(read.Rows.SelectMany(row => row.Problems)).ToList();
            if (read.Problems.Count > 0 || (bad.Count > 0 && !request.LeaveOutBad))
            {
                return ProblemResult.Fields([
                    .. bad.Select(problem => new Core.Input.Problem(
                        $"line {problem.Line}{(problem.Column.Length == 0 ? "" : $", {problem.Column}")}",
                        problem.Value,
                        problem.Message,
                        problem.Accepted
                    )),
                ]);
            }

            var (added, changed) = (0, 0);
            foreach (var row in Good(read))
            {
                if (row.Known is not { } id)
                {
                    id = Guid.CreateVersion7().ToString();
                    session.Bar.Add(BarKinds.Ingredients, id, row.Document with { Id = id }, clock.GetUtcNow());
                    added++;
                }
                else if (StateOf(row, [.. kept.Select(fact => fact.Document)]) == PantryRowState.Changed)
                {
                    session.Bar.Update(
                        BarKinds.Ingredients,
                        id,
                        kept.Single(fact => fact.Id == id).Version,
                        row.Document,
                        clock.GetUtcNow()
                    );
                    changed++;
                }
            }

            if (FactChange.Objection(session, bar, BarKinds.Ingredients, "", "pantry") is { } objection)
            {
                session.Abandon();
                return objection;
            }

            return TypedResults.Ok(
                new PantryImported(
                    added,
                    changed,
                    read.Rows.Count - added - changed - read.Rows.Count(row => row.Problems.Count > 0),
                    read.Rows.Count(row => row.Problems.Count > 0)
                )
            );
        });

    private static List<PantryRow> Good(PantryFile file) => [.. file.Rows.Where(row => row.Problems.Count == 0)];

    private static List<IngredientDocument> Laid(
        IReadOnlyList<IngredientDocument> kept,
        List<PantryRow> rows,
        Func<PantryRow, string> id
    )
    {
        var byId = rows.ToDictionary(id, row => row.Document with { Id = id(row) });
        return
        [
            .. kept.Select(known => byId.Remove(known.Id ?? "", out var changed) ? changed : known),
            .. byId.Values,
        ];
    }

    private static PantryRowState StateOf(PantryRow row, IReadOnlyList<IngredientDocument> kept) =>
        row.Problems.Count > 0 ? PantryRowState.Bad
        : row.Known is null ? PantryRowState.New
        : PantryJson.Write([row.Document]) == PantryJson.Write([kept.First(known => known.Id == row.Known)])
            ? PantryRowState.Same
        : PantryRowState.Changed;
}
