using System.Globalization;
using Krasis.Core.Bar.House;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar;

/// <summary>Says how much a cell's amount is, beside the bar's measure.</summary>
public static class Beside
{
    /// <summary>The volume and the mass, in the units of the house.</summary>
    /// <example>26 ml · 33 g; in US units 0.88 fl oz · 33 g.</example>
    public static string Say(Millilitres volume, Grams mass, DisplayUnits units)
    {
        var grams = $"{Short(mass.Value)} g";
        return units switch
        {
            DisplayUnits.Us => $"{Fine(volume.Value / Measure.UsFluidOunce.ToMillilitres(1).Value)} fl oz · {grams}",
            DisplayUnits.Imperial =>
                $"{Fine(volume.Value / Measure.ImperialFluidOunce.ToMillilitres(1).Value)} fl oz · {grams}",
            _ => $"{Short(volume.Value)} ml · {grams}",
        };
    }

    // As one reads it off a scale or a jug: whole, or to a tenth below ten.
    private static string Short(double value) =>
        value.ToString(Math.Abs(value) < 9.95 ? "0.#" : "0", CultureInfo.InvariantCulture);

    private static string Fine(double value) =>
        value.ToString(Math.Abs(value) < 9.995 ? "0.##" : "0.#", CultureInfo.InvariantCulture);
}
