using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Input;
using Krasis.Core.Quantities;
using Krasis.Store;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Quantities;

/// <summary>Reads quantities as people type them.</summary>
public static class QuantityEndpoint
{
    public static void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapPost("/api/quantities/read", Read)
            .WithTags("Quantities")
            .WithSummary("Read a quantity that somebody is typing, and say it in the line's measure.")
            .Fails(400, 413, 422);

    private static Results<Ok<QuantityView>, ProblemResult> Read(QuantityRequest request, KrasisFile file)
    {
        var bar = file.Read(session => session.Bar.Facts());
        var fields = new FieldReader();
        var ingredient = bar.Find(new IngredientId(request.Ingredient ?? ""));
        if (ingredient is null)
        {
            fields.Report(
                "ingredient",
                request.Ingredient,
                "The bar has no such ingredient.",
                "an ingredient of the bar"
            );
        }

        var measure = Measure.Find(request.Measure);
        if (measure is null)
        {
            fields.Report(
                "measure",
                request.Measure,
                "That is not a measure.",
                string.Join(", ", Measure.All.Select(known => known.Code))
            );
        }

        if (ingredient is null || measure is null)
        {
            return ProblemResult.Fields(fields.Problems);
        }

        var typed = TypedAmount.Read(
            request.Text,
            ingredient,
            measure,
            bar,
            request.Build?.WithoutNulls(),
            request.Size,
            request.Line
        );
        return typed.IsRead
            ? TypedResults.Ok(
                new QuantityView(
                    typed.Value.Quantity.Amount,
                    BarRounding.Round(typed.Value.Quantity, BarRounding.StepOf(measure, ingredient, bar)).Amount,
                    measure.Code,
                    Equivalent.Of(typed.Value.Quantity, ingredient, bar),
                    typed.Value.To,
                    typed.Value.Objection
                )
            )
            : ProblemResult.Fields(typed.Problems);
    }
}
