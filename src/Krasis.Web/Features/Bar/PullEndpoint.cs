using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Input;
using Krasis.Core.Quantities;
using Krasis.Store;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Bar;

/// <summary>Judges a pull.</summary>
public static class PullEndpoint
{
    public static void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/bar/espresso/{id}/verdict", Judge)
            .WithTags("Bar")
            .WithSummary("Say what is to be said of a pull by its recipe. Nothing is kept.")
            .Fails(400, 404, 413, 422);

    private static Results<Ok<PullVerdict>, ProblemResult> Judge(string id, PullRequest pull, KrasisFile file)
    {
        var fields = new FieldReader();
        var grams = fields.Number("grams", pull.Grams, 1, 300, "g");
        var seconds = fields.Number("seconds", pull.Seconds, 1, 200, "s");
        if (fields.Problems.Count > 0)
        {
            return ProblemResult.Fields(fields.Problems);
        }

        var document = file.Read(session => session.Bar.List(BarKinds.Espresso))
            .FirstOrDefault(fact => fact.Id == id)
            ?.Document;
        return document is null
            ? ProblemResult.Missing("espresso recipe")
            : TypedResults.Ok(
                PullVerdict.On(new Pull(Grams.From(grams), seconds), EspressoReader.Read(document).Value)
            );
    }
}
