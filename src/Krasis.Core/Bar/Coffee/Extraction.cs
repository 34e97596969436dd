using Krasis.Core.Bar.Ingredients;

namespace Krasis.Core.Bar.Coffee;

/// <summary>How much of the caffeine in the ground coffee goes into the cup.</summary>
internal static class Extraction
{
    /// <summary>Of brewed coffee: nine tenths and more (from memory); what the grounds keep of the water keeps the
    /// rest.</summary>
    public const double Brewed = 0.93;

    /// <summary>How far these shares may be off, as a share of them: published ones of espresso by the usual ratio lie
    /// from 0.75 to 0.95 (from memory).</summary>
    public const double Spread = 0.1;

    /// <summary>Of espresso: 1 − e^(−yield ÷ dose). It gives 0.75 at a short pull of 1 : 1.4, 0.86 at 1 : 2 and 0.95 at
    /// 1 : 3, the ends of what is published of espresso by the usual ratio (0.75 to 0.95; from memory), and little more
    /// for a still longer pull.</summary>
    /// <param name="dose">Ground coffee in, g.</param>
    /// <param name="yield">Espresso out, g.</param>
    /// <example>18 g of a coffee with 1.2 % caffeine, pulled to 36 g: 216 mg × 0.865 = 187 mg.</example>
    public static double OfEspresso(double dose, double yield) => 1 - Math.Exp(-yield / dose);

    /// <summary>How far caffeine by the dose may be off, as a share of it: the roast's spread and that of the
    /// extraction, which know nothing of each other.</summary>
    public static double SpreadWith(Roast roast) =>
        Math.Sqrt(Math.Pow(roast.Spread.Value / 100, 2) + (Spread * Spread));
}
