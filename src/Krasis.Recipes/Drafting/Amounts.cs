using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;
using Krasis.Recipes.Grammar;

namespace Krasis.Recipes.Drafting;

/// <summary>Gives lines the amounts that are said of them.</summary>
/// <param name="draft">The build so far.</param>
internal sealed class Amounts(Drafted draft)
{
    /// <summary>Gives a line what a bit says.</summary>
    /// <param name="line">The line.</param>
    /// <param name="bit">An amount of any sort.</param>
    /// <param name="isAgain">Whether it was said before.</param>
    /// <returns>What was taken, and why it may be otherwise; or why nothing was taken.</returns>
    public (string? What, string? Doubt, string? Problem) Take(DraftedLine line, Bit bit, bool isAgain)
    {
        if (draft.IsSizeUnknown)
        {
            return (null, null, "The bar has no such size: nothing of it was kept.");
        }

        if (bit is Bit.To to)
        {
            line.Take(draft.Size, to.Says);
            return (to.Says, to.IsAssumed ? $"{line.Ingredient.Name}: taken for millilitres" : null, null);
        }

        if (bit is Bit.Vague)
        {
            return (null, null, $"'{bit.Said}' is no measure: how much {line.Ingredient.Name} is not said.");
        }

        var (quantity, doubt) = bit switch
        {
            Bit.Amount { Quantity: var said } when said.Measure == Measure.Ounce && IsPoured(line.Ingredient) => (
                said.Amount <= Measure.UsFluidOunce.Most ? new Quantity(said.Amount, Measure.UsFluidOunce) : said,
                $"{line.Ingredient.Name}: ounces of what is poured are taken for fluid ounces"
            ),
            Bit.Amount amount => (amount.Quantity, null),
            Bit.Bare { Value: var value } when double.IsNaN(value) => (default(Quantity?), null),
            Bit.Bare bare => (
                Measured(line, bare.Value),
                bare.IsTimes || (line.Ingredient.Kind == IngredientKind.Espresso && bare.Value <= 4)
                    ? null
                    : $"{line.Ingredient.Name}: the measure is not said"
            ),
            _ => (null, null),
        };
        if (quantity is not { } known)
        {
            return (null, null, $"'{bit.Said}' can be read in two ways, or is too much.");
        }

        if (bit is Bit.Amount { Upper: { } upper })
        {
            doubt = string.Create(
                CultureInfo.InvariantCulture,
                $"{line.Ingredient.Name}: of {known.Amount:0.##} to {upper:0.##} the first is taken"
            );
        }
        else if (bit is Bit.Bare { Upper: { } high })
        {
            doubt = string.Create(
                CultureInfo.InvariantCulture,
                $"{line.Ingredient.Name}: of {known.Amount:0.##} to {high:0.##} the first is taken"
            );
        }

        if (
            isAgain
            && line.Amounts.TryGetValue(draft.Size, out var before)
            && before.Amount is { } amountBefore
            && line.Measure is { } measure
        )
        {
            var same =
                Dosing.Refusal(line.Ingredient, known.Measure, draft.Bar) is null
                && !Dosing.Contradict(known, new Quantity(amountBefore, measure), line.Ingredient, draft.Bar);
            return same
                ? (known.ToString(), null, null)
                : (null, null, $"It says {new Quantity(amountBefore, measure)} above.");
        }

        return line.Take(draft.Size, known, (bit as Bit.Amount)?.Also, draft.Bar) is { } refusal
            ? (null, null, refusal)
            : (Say(known, bit), doubt, null);
    }

    /// <summary>Gives a line an amount for each size that the recipe is of; where it names none, for the house's
    /// own.</summary>
    /// <param name="line">The line.</param>
    /// <param name="series">The amounts, the smallest size's first.</param>
    /// <returns>As of one amount.</returns>
    public (string? What, string? Doubt, string? Problem) Take(DraftedLine line, Bit.Series series)
    {
        var isSaid = draft.SizesSaid.Count > 0;
        var sizes = isSaid ? draft.SizesSaid : [.. Core.Builds.BlankBuild.For(draft.Bar).Sizes];
        if (sizes.Count != series.Values.Count)
        {
            return (
                null,
                null,
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"These are {series.Values.Count} amounts, and of {sizes.Count} sizes."
                )
            );
        }

        var ordered = sizes.OrderBy(id => draft.Bar.Find(new Core.Bar.Cups.CupId(id))!.BrimCapacity.Value).ToList();
        var before = draft.Size;
        var (says, doubt) = (
            new List<string>(),
            isSaid ? null : $"{line.Ingredient.Name}: taken for the house's sizes, the smallest first"
        );
        foreach (var (size, value) in ordered.Zip(series.Values))
        {
            draft.Speak(size);
            var amount =
                series.Measure is { } measure && value * series.Times <= measure.Most
                    ? new Bit.Amount(new Quantity(value * series.Times, measure))
                    : (Bit)new Bit.Bare(value);
            var (what, why, problem) = Take(line, amount, isAgain: false);
            if (problem is not null)
            {
                draft.Size = before;
                return (null, null, problem);
            }

            says.Add(what!);
            doubt ??= why;
        }

        draft.Size = before;
        return (string.Join(", ", says), doubt, null);
    }

    // As a bar means a number of that thing.
    private Quantity? Measured(DraftedLine line, double value)
    {
        var measure = line.Measure
            ?? (
                line.Ingredient.Kind switch
                {
                    IngredientKind.Espresso => Measure.Shot,
                    IngredientKind.Ice => value <= 20 ? Measure.Cube : Measure.Gram,
                    IngredientKind.Syrup
                    or IngredientKind.Sauce
                    or IngredientKind.Powder
                        when value <= 12 && draft.Bar.DispenserOf(line.Ingredient.Id) is not null => Dosing
                        .MeasuresFor(line.Ingredient, draft.Bar)
                        .First(one => one.Kind == MeasureKind.Stroke),
                    IngredientKind.Powder
                    or IngredientKind.Topping
                    or IngredientKind.Flavour
                    or IngredientKind.IceCream => Measure.Gram,
                    _ => Measure.Millilitre,
                }
            );
        return value <= measure.Most ? new Quantity(value, measure) : null;
    }

    private static bool IsPoured(Ingredient ingredient) =>
        ingredient.Kind
            is IngredientKind.Espresso
                or IngredientKind.Coffee
                or IngredientKind.Tea
                or IngredientKind.Milk
                or IngredientKind.Syrup
                or IngredientKind.Sauce
                or IngredientKind.Water;

    private static string Say(Quantity quantity, Bit bit) =>
        bit is Bit.Amount { Also: { } also } ? $"{quantity}, stated as {also}" : quantity.ToString()!;
}
