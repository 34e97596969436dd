using Krasis.App.Shared;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Input;
using Krasis.Core.Quantities;
using Krasis.Store;

namespace Krasis.App.Quantities;

/// <summary>Reads an amount as it is typed.</summary>
public sealed class ReadQuantity(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<QuantityView> Run(QuantityRequest request)
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
            return Refusal.Fields(fields.Problems);
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
            ? Result.Of(
                new QuantityView(
                    typed.Value.Quantity.Amount,
                    BarRounding.Round(typed.Value.Quantity, BarRounding.StepOf(measure, ingredient, bar)).Amount,
                    measure.Code,
                    Equivalent.Of(typed.Value.Quantity, ingredient, bar),
                    typed.Value.To,
                    typed.Value.Objection
                )
            )
            : Refusal.Fields(typed.Problems);
    }
}
