using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;

namespace Krasis.App.Transforming;

/// <summary>Reads what variant is asked for.</summary>
public static class Transforming
{
    public static Reading<Transformed> Read(TransformRequest request, BarFacts bar)
    {
        var build = request.Build;
        switch (request.To)
        {
            case "serve":
                var fields = new FieldReader();
                var serve = fields.Word("serve", request.Serve, Serve.Hot);
                for (var i = 0; i < request.Sizes.Count; i++)
                {
                    if (bar.Find(new CupId(request.Sizes[i])) is null)
                    {
                        fields.Report($"sizes[{i}]", request.Sizes[i], "The bar has no such cup.", "a cup of the bar");
                    }
                }

                return fields.Problems.Count > 0
                    ? Reading<Transformed>.Failed(fields.Problems)
                    : Transformer.ServeAs(build, serve, bar, [.. request.Sizes.Distinct().Select(id => new CupId(id))]);
            case "milk":
                return Transformer.SwapMilk(build, new IngredientId(request.Ingredient ?? ""), bar);
            case "syrup":
                return Transformer.SwapSyrup(
                    build,
                    new LineId(request.Line ?? ""),
                    new IngredientId(request.Ingredient ?? ""),
                    bar
                );
            case "lessSweet":
                return Transformer.LessSweet(build, request.Percent ?? 0, bar);
            case "dairyFree":
                return Transformer.DairyFree(build, bar, request.Ingredient is { } id ? new IngredientId(id) : null);
            default:
                return Problem.At(
                    "to",
                    request.To,
                    "Nothing is made of it that way.",
                    "serve, milk, syrup, lessSweet, dairyFree"
                );
        }
    }
}
