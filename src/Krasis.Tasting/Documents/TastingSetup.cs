namespace Krasis.Tasting.Documents;

/// <summary>A tasting that can be held.</summary>
/// <param name="Name">What the lead calls it.</param>
/// <param name="Question">What is asked.</param>
/// <param name="Samples">What is tasted.</param>
/// <param name="Scales">The scales, in the order in which they are asked; none where no scale is asked.</param>
/// <param name="Tasters">How many are expected.</param>
/// <param name="Grams">How much of each a taster gets, g.</param>
/// <param name="Celsius">How warm hot samples shall be tasted, °C.</param>
/// <param name="Seed">What chance goes by.</param>
public sealed record TastingSetup(
    string Name,
    TastingQuestion Question,
    IReadOnlyList<SampleDocument> Samples,
    IReadOnlyList<JarScale> Scales,
    int Tasters,
    double Grams,
    double Celsius,
    int Seed
)
{
    /// <summary>The most tasters a tasting is for.</summary>
    public const int MostTasters = 500;

    /// <summary>How warm a hot drink is tasted where nothing else is said, °C: below what burns, above what is called
    /// lukewarm (common practice, no source).</summary>
    public const double UsualCelsius = 58;

    /// <summary>How much of a sample a taster gets where nothing else is said, g: some two sips (common practice, no
    /// source).</summary>
    public const double UsualGrams = 40;
}
