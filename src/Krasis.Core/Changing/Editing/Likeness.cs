using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Editing;

/// <summary>How much of one ingredient is as much as one measure of another: by weight where either is weighed, else by
/// volume.</summary>
/// <param name="IsWeighed">Whether they are compared by weight.</param>
/// <param name="Before">The measure before.</param>
/// <param name="PullsBefore">The bar with the recipe that the line pulled before.</param>
/// <param name="Now">The measure from now on: the same one, where the other ingredient has it.</param>
/// <param name="PullsNow">The bar with the recipe that the line pulls from now on.</param>
/// <param name="Factor">What an amount is to be multiplied with.</param>
internal sealed record Likeness(
    bool IsWeighed,
    Measure Before,
    BarFacts PullsBefore,
    Measure Now,
    BarFacts PullsNow,
    double Factor
)
{
    /// <summary>Compares two ingredients in a line.</summary>
    public static Likeness Between(
        LineDocument line,
        Ingredient old,
        Measure before,
        LineDocument put,
        Ingredient to,
        BarFacts bar
    )
    {
        var isWeighed =
            before.Kind == MeasureKind.Mass
            || new[] { old, to }.Any(one =>
                one.Kind
                    is IngredientKind.Ice
                        or IngredientKind.IceCream
                        or IngredientKind.Powder
                        or IngredientKind.Topping
            );
        var (was, pulled) = (bar.Pulling(line.Recipe), bar.Pulling(put.Recipe));
        var now =
            Dosing.Refusal(to, before, pulled) is null ? before
            : isWeighed ? Measure.Gram
            : Measure.Millilitre;
        var (one, unit) = (new Quantity(1, before), new Quantity(1, now));
        var factor = isWeighed
            ? Dosing.Mass(one, old, was) / Dosing.Mass(unit, to, pulled)
            : Dosing.Volume(one, old, was) / Dosing.Volume(unit, to, pulled);
        return new Likeness(isWeighed, before, was, now, pulled, factor);
    }

    /// <summary>Both amounts in words, each with what it weighs or measures.</summary>
    public string Say(double before, Ingredient old, double after, Ingredient to)
    {
        var (was, now) = (new Quantity(before, Before), new Quantity(after, Now));
        return $"{was} of {old.Name} {(was.Amount == 1 ? "was" : "were")} {Like(was, old, PullsBefore)}; "
            + $"{now} of {to.Name} {(now.Amount == 1 ? "is" : "are")} {Like(now, to, PullsNow)}.";
    }

    private string Like(Quantity quantity, Ingredient what, BarFacts pours) =>
        IsWeighed
            ? $"{Quantities.Say.Short(Dosing.Mass(quantity, what, pours).Value)} g"
            : $"{Quantities.Say.Short(Dosing.Volume(quantity, what, pours).Value)} ml";
}
