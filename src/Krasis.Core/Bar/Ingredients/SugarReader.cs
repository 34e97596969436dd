using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Ingredients;

/// <summary>Reads the kinds of sugar in 100 g of an ingredient, and what else sweetens it.</summary>
internal static class SugarReader
{
    // Printed values are each rounded: so little between the sugars and their kinds is no kind, g.
    private const double Slack = 0.5;

    /// <summary>Reads the sugars.</summary>
    /// <param name="document">The composition, or null when nothing is known of it.</param>
    /// <param name="kind">What sort of ingredient it is, for the kind of what the label leaves open.</param>
    /// <param name="allergens">What its label says of allergens, which tells a dairy milk from a plant drink.</param>
    /// <param name="fields">Takes the problems, under the field <c>per100g</c>.</param>
    /// <returns>The sugars by kind, and whether some of it was taken as usual of such an ingredient; null when neither
    /// the sum nor every kind is said: a sum with a gap in it is not a sum.</returns>
    public static (IReadOnlyDictionary<Sugar, GramsPer100Grams> Kinds, bool IsTaken)? Read(
        CompositionDocument? document,
        IngredientKind kind,
        AllergenStatement allergens,
        FieldReader fields
    )
    {
        if (document is null)
        {
            return null;
        }

        var given = new Dictionary<Sugar, double>();
        foreach (var (sugar, grams) in Given(document))
        {
            if (grams is not null)
            {
                given[sugar] = fields.Number($"per100g.{Choice.Word(sugar)}", grams, 0, 100, "g");
            }
        }

        var total = given.Values.Sum();
        if (total > 100)
        {
            fields.Report(
                "per100g",
                Say.Short(total),
                $"The sugars add up to {Say.Short(total)} g in 100 g.",
                "at most 100 g of sugars together"
            );
        }
        else if (document.Sugars is { } all && total > all + CompositionReader.RoundingSlack)
        {
            fields.Report(
                "per100g.sugars",
                Say.Short(all),
                $"The kinds of sugar add up to {Say.Short(total)} g, which is more than the {Say.Short(all)} g of sugars.",
                $"at least {Say.Short(total)} g"
            );
        }

        var isEach = Enum.GetValues<Sugar>().All(sugar => sugar == Sugar.Galactose || given.ContainsKey(sugar));
        if (document.Sugars is null && !isEach)
        {
            return null;
        }

        var open = Math.Max(0, (document.Sugars ?? total) - total);
        var isTaken = open > (isEach ? Slack : 0);
        if (isTaken)
        {
            var usual = Usual(kind, allergens, given);
            given[usual] = given.GetValueOrDefault(usual) + open;
        }

        return (
            Enum.GetValues<Sugar>()
                .ToDictionary(sugar => sugar, sugar => GramsPer100Grams.From(given.GetValueOrDefault(sugar))),
            isTaken
        );
    }

    /// <summary>Reads what sweetens without being sugar.</summary>
    public static IReadOnlyDictionary<Sweetener, double> ReadSweeteners(
        CompositionDocument? document,
        FieldReader fields
    )
    {
        var found = new Dictionary<Sweetener, double>();
        foreach (var (sweetener, grams) in document is null ? [] : Given(document.Sweeteners))
        {
            if (
                grams is not null
                && fields.Number($"per100g.sweeteners.{Choice.Word(sweetener)}", grams, 0, 100, "g")
                    is > 0
                        and var known
            )
            {
                found[sweetener] = known;
            }
        }

        return found;
    }

    /// <summary>The kinds of sugar in a document.</summary>
    internal static IEnumerable<(Sugar Sugar, double? Given)> Given(CompositionDocument document) =>
        [
            (Sugar.Sucrose, document.Sucrose),
            (Sugar.Glucose, document.Glucose),
            (Sugar.Fructose, document.Fructose),
            (Sugar.Lactose, document.Lactose),
            (Sugar.Maltose, document.Maltose),
            (Sugar.Galactose, document.Galactose),
        ];

    private static IEnumerable<(Sweetener Sweetener, double? Given)> Given(SweetenerDocument? document) =>
        document is null
            ? []
            :
            [
                (Sweetener.Erythritol, document.Erythritol),
                (Sweetener.Xylitol, document.Xylitol),
                (Sweetener.Maltitol, document.Maltitol),
                (Sweetener.Allulose, document.Allulose),
                (Sweetener.Aspartame, document.Aspartame),
                (Sweetener.SteviolGlycosides, document.SteviolGlycosides),
                (Sweetener.Sucralose, document.Sucralose),
            ];

    // Milk has lactose, and where that has been split, as in lactose-free milk, as much galactose as glucose; an oat
    // drink's sugars come of its starch; everything else is sweetened with table sugar (common practice, no source).
    private static Sugar Usual(IngredientKind kind, AllergenStatement allergens, Dictionary<Sugar, double> given)
    {
        if (kind != IngredientKind.Milk)
        {
            return Sugar.Sucrose;
        }

        var isDairy = allergens.SaysNothing || allergens.Contains.Contains(Allergen.Milk);
        return isDairy ? (given.GetValueOrDefault(Sugar.Glucose) > 0 ? Sugar.Galactose : Sugar.Lactose)
            : allergens.Contains.Contains(Allergen.Gluten) ? Sugar.Maltose
            : Sugar.Sucrose;
    }
}
