using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Speaking;
using Krasis.Store;
using Krasis.Web.Features.Bar;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Quantities;

/// <summary>Reads quantities as people type them.</summary>
public static class QuantityEndpoint
{
    public static void Map(IEndpointRouteBuilder routes) => routes
        .MapPost("/api/quantities/read", Read)
        .WithTags("Quantities")
        .WithSummary("Read a quantity that somebody typed, and say it in the line's measure; on request with the build worked out anew.")
        .Fails(400, 413, 422);

    private static Results<Ok<QuantityView>, ProblemResult> Read(QuantityRequest request, KrasisFile file, TimeProvider clock)
    {
        var bar = file.Read(session => session.Bar.Facts());
        var fields = new FieldReader();
        var ingredient = bar.Find(new IngredientId(request.Ingredient ?? ""));
        if (ingredient is null)
        {
            fields.Report("ingredient", request.Ingredient, "The bar has no such ingredient.", "the id of an ingredient of the bar");
        }

        var measure = Measure.Find(request.Measure);
        if (measure is null)
        {
            fields.Report("measure", request.Measure, "That is not a measure.", string.Join(", ", Measure.All.Select(known => known.Code)));
        }

        if (ingredient is null || measure is null)
        {
            return ProblemResult.Fields(fields.Problems);
        }

        if (request.SurfaceMm is { } surface)
        {
            return Answer(InBuild(request, bar, build => AmountInPlace.ForSurface(build, bar, new CupId(request.Size ?? ""), new LineId(request.Line ?? ""), Millimetres.From(surface))), null);
        }

        var said = SpokenAmountText.Read(request.Text, measure, Dosing.MeasuresFor(ingredient, bar));
        if (!said.IsRead)
        {
            return ProblemResult.Fields(said.Problems);
        }

        var quantity = said.Value is SpokenAmount.Plain plain
            ? Dosing.Convert(plain.Quantity, measure, ingredient, bar, "text")
            : InPlace(said.Value, request, bar);
        return Answer(quantity, said.Value);

        Results<Ok<QuantityView>, ProblemResult> Answer(Reading<Quantity> read, SpokenAmount? spoken)
        {
            if (!read.IsRead)
            {
                return ProblemResult.Fields(read.Problems);
            }

            var mark = spoken is SpokenAmount.FillTo to ? to.Mark.Says : null;
            return TypedResults.Ok(new QuantityView(
                read.Value.Amount,
                BarRounding.Round(read.Value, BarRounding.StepOf(measure, ingredient, bar)).Amount,
                measure.Code,
                Equivalent.Of(read.Value, ingredient, bar),
                mark,
                spoken is null ? null : AmountInPlace.Objection(spoken, ingredient, bar),
                request.Mix ? Mixed(read.Value, mark, request, bar, clock.Today()) : null));
        }
    }

    private static BuildSheet? Mixed(Quantity quantity, string? to, QuantityRequest request, BarFacts bar, DateOnly today)
    {
        if (request.Build is null)
        {
            return null;
        }

        var edit = new CellEdit(new LineId(request.Line ?? ""), new CupId(request.Size ?? ""), quantity.Amount) { To = to };
        var build = BuildReader.Read(BuildEdits.Apply(request.Build.WithoutNulls(), edit), bar, nameless: true);
        return build.IsRead ? Mixer.Mix(build.Value, bar, today) : null;
    }

    private static Reading<Quantity> InPlace(SpokenAmount said, QuantityRequest request, BarFacts bar) =>
        InBuild(request, bar, build => AmountInPlace.Resolve(said, build, bar, new CupId(request.Size ?? ""), new LineId(request.Line ?? "")));

    private static Reading<Quantity> InBuild(QuantityRequest request, BarFacts bar, Func<Build, Reading<Quantity>> of)
    {
        if (request.Build is null)
        {
            return Problem.At("text", request.Text, "That depends on what else is in the cup.", "a quantity, or the build, size and line with it");
        }

        var build = BuildReader.Read(request.Build, bar, nameless: true);
        return build.IsRead ? of(build.Value) : Reading<Quantity>.Failed([.. build.Problems.Select(problem => problem with { Field = $"build.{problem.Field}" })]);
    }
}
