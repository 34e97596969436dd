namespace Krasis.Core.Physics;

/// <summary>Units of energy.</summary>
public static class Energy
{
    /// <summary>The thermochemical calorie, exact: 4.184 J. Rival: 4.1868, the international table's; food laws
    /// (Regulation (EU) No 1169/2011, Annex XIV) work kJ and kcal out from two rows of factors, which agree within a
    /// per cent.</summary>
    public const double KilojoulesPerKilocalorie = 4.184;

    /// <summary>Energy of a gram of sugar, kcal: 4 (USDA Agriculture Handbook 74; Regulation (EU) No 1169/2011, Annex
    /// XIV).</summary>
    public const double KilocaloriesPerGramOfSugar = 4;
}
