namespace Krasis.Core.Bar.Ingredients;

/// <summary>How sweet a gram of each sugar tastes, against a gram of sucrose.</summary>
/// <param name="Glucose">Of glucose.</param>
/// <param name="Fructose">Of fructose at room temperature.</param>
/// <param name="Lactose">Of lactose.</param>
/// <param name="Maltose">Of maltose.</param>
/// <param name="Galactose">Of galactose.</param>
public sealed record RelativeSweetness(
    double Glucose,
    double Fructose,
    double Lactose,
    double Maltose,
    double Galactose
)
{
    /// <summary>The usual textbook values for dilute solutions: sucrose 1, glucose 0.7, fructose 1.2, lactose 0.16,
    /// maltose 0.33, galactose 0.6 (O'Donnell and Kearsley, Sweeteners and Sugar Alternatives in Food Technology, 2012;
    /// from memory). Published values scatter: lactose 0.16 to 0.2, maltose 0.3 to 0.5, and all of them shift with
    /// strength.</summary>
    public static RelativeSweetness Usual { get; } = new(0.7, 1.2, 0.16, 0.33, 0.6);

    // Fructose turns into forms that are less sweet as it is warmed: about 1.4 in a cold drink, 0.8 to 1.0 in a hot one
    // (the same; from memory).
    private const double FructoseCold = 1.4;
    private const double FructoseHot = 0.9;

    /// <summary>How sweet a sugar is in something cold, hot, or at room temperature. A house that holds another value
    /// of fructose than the usual holds it at every temperature.</summary>
    public double Of(Sugar sugar, Warmth warmth = Warmth.Room) =>
        sugar switch
        {
            Sugar.Sucrose => 1,
            Sugar.Glucose => Glucose,
            Sugar.Fructose when Fructose != Usual.Fructose => Fructose,
            Sugar.Fructose => warmth switch
            {
                Warmth.Cold => FructoseCold,
                Warmth.Hot => FructoseHot,
                _ => Fructose,
            },
            Sugar.Lactose => Lactose,
            Sugar.Maltose => Maltose,
            Sugar.Galactose => Galactose,
            _ => throw new ArgumentOutOfRangeException(nameof(sugar), sugar, "There is no such sugar."),
        };

    /// <summary>How sweet a sweetener is: erythritol 0.65, xylitol 1, maltitol 0.9, allulose 0.7, aspartame 190 (180 to
    /// 200), steviol glycosides 250 (200 to 300), sucralose 600 (the same source; from memory).</summary>
    public static double Of(Sweetener sweetener) =>
        sweetener switch
        {
            Sweetener.Erythritol => 0.65,
            Sweetener.Xylitol => 1,
            Sweetener.Maltitol => 0.9,
            Sweetener.Allulose => 0.7,
            Sweetener.Aspartame => 190,
            Sweetener.SteviolGlycosides => 250,
            Sweetener.Sucralose => 600,
            _ => throw new ArgumentOutOfRangeException(nameof(sweetener), sweetener, "There is no such sweetener."),
        };

    /// <summary>Sucrose that tastes as sweet as 100 g of an ingredient, g; null when its sugars are not known (see
    /// <see cref="Ingredient.IsUnsweet"/>).</summary>
    public double? Of(Ingredient ingredient, Warmth warmth = Warmth.Room)
    {
        var sum = ingredient.Sweeteners.Sum(sweetener => sweetener.Value * Of(sweetener.Key));
        if (ingredient.Sugars is not { } sugars)
        {
            return ingredient.IsUnsweet ? sum : null;
        }

        foreach (var (sugar, grams) in sugars)
        {
            sum += grams.Value * Of(sugar, warmth);
        }

        return sum;
    }
}
