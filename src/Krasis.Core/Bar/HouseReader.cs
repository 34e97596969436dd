using Krasis.Core.Input;
using Krasis.Core.Measures;

namespace Krasis.Core.Bar;

/// <summary>Reads the house rules.</summary>
public static class HouseReader
{
    /// <summary>Reads the rules.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    public static Reading<HouseRules> Read(HouseDocument document, string path = "")
    {
        var fields = new FieldReader(path);
        var reserve = fields.Number("reserveMm", document.ReserveMm, 0, 100, "mm");
        var liquid = fields.Number("liquidStepMl", document.LiquidStepMl, 0.5, 100, "ml");
        var ice = fields.Number("iceStepGrams", document.IceStepGrams, 0.5, 100, "g");
        var weighing = fields.Number("weighingStepGrams", document.WeighingStepGrams, 0.1, 50, "g");
        var strength = fields.Number("strengthDriftPercent", document.StrengthDriftPercent, 1, 100, "%");
        var sweetness = fields.Number("sweetnessDriftPercent", document.SweetnessDriftPercent, 1, 100, "%");
        return fields.Finish(() => new HouseRules(
            Millimetres.From(reserve), Millilitres.From(liquid), Grams.From(ice), Grams.From(weighing), Percent.From(strength), Percent.From(sweetness)));
    }
}
