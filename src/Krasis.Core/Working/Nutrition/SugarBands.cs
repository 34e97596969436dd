namespace Krasis.Core.Working.Nutrition;

/// <summary>Bands for the sugars of drinks.</summary>
public static class SugarBands
{
    private const double LowPer100Ml = 2.5;
    private const double HighPer100Ml = 11.25;
    private const double HighPerPortion = 13.5;

    /// <summary>The band of a drink: low up to 2.5 g in 100 ml, high above 11.25 g in 100 ml or 13.5 g in the portion,
    /// medium between. (UK front-of-pack guidance, Department of Health and Food Standards Agency, 2016; from memory.
    /// Its portion rule is for portions above 150 ml.)</summary>
    public static SugarBand Of(double per100Ml, double perPortion, double portionMl) =>
        per100Ml > HighPer100Ml || (perPortion > HighPerPortion && portionMl > 150) ? SugarBand.High
        : per100Ml <= LowPer100Ml ? SugarBand.Low
        : SugarBand.Medium;
}
