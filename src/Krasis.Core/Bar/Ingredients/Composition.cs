namespace Krasis.Core.Bar.Ingredients;

/// <summary>What is in 100 g of something; every part null when it is not known.</summary>
/// <param name="EnergyKcal">Energy, kcal.</param>
/// <param name="Fat">Fat, g.</param>
/// <param name="Saturates">Saturated fat, g.</param>
/// <param name="Carbohydrate">Carbohydrate without fibre, g.</param>
/// <param name="Sugars">All sugars together, g.</param>
/// <param name="Protein">Protein, g.</param>
/// <param name="Salt">Salt, g.</param>
/// <param name="CaffeineMg">Caffeine, mg.</param>
public readonly record struct Composition(
    double? EnergyKcal,
    double? Fat,
    double? Saturates,
    double? Carbohydrate,
    double? Sugars,
    double? Protein,
    double? Salt,
    double? CaffeineMg
)
{
    /// <summary>How far <see cref="CaffeineMg"/> may be off either way, mg. Caffeine of one drink is nearly always of
    /// one coffee, so that spreads add up.</summary>
    public double CaffeineSpreadMg { get; init; }

    /// <summary>Nothing is known.</summary>
    public static Composition Unknown { get; } = new(null, null, null, null, null, null, null, null);

    /// <summary>Nothing is in it, as in water.</summary>
    public static Composition Nothing { get; } = new(0, 0, 0, 0, 0, 0, 0, 0);

    /// <summary>So many grams of this and so many of that, together: what is unknown in one is unknown in
    /// both.</summary>
    /// <param name="grams">How much of this.</param>
    /// <param name="sum">What has been added up so far, for the whole and not for 100 g.</param>
    public Composition AddTo(Composition sum, double grams)
    {
        var share = grams / 100;
        return new(
            sum.EnergyKcal + (EnergyKcal * share),
            sum.Fat + (Fat * share),
            sum.Saturates + (Saturates * share),
            sum.Carbohydrate + (Carbohydrate * share),
            sum.Sugars + (Sugars * share),
            sum.Protein + (Protein * share),
            sum.Salt + (Salt * share),
            sum.CaffeineMg + (CaffeineMg * share)
        )
        {
            CaffeineSpreadMg = sum.CaffeineSpreadMg + (CaffeineSpreadMg * share),
        };
    }

    /// <summary>Everything taken <paramref name="factor"/> times.</summary>
    public Composition Times(double factor) =>
        Nothing with
        {
            EnergyKcal = EnergyKcal * factor,
            Fat = Fat * factor,
            Saturates = Saturates * factor,
            Carbohydrate = Carbohydrate * factor,
            Sugars = Sugars * factor,
            Protein = Protein * factor,
            Salt = Salt * factor,
            CaffeineMg = CaffeineMg * factor,
            CaffeineSpreadMg = CaffeineSpreadMg * factor,
        };
}
