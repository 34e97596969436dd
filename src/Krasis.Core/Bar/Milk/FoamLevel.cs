using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Milk;

/// <summary>A way of foaming: how much the milk grows, and from where to where it is warmed.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the house calls it.</param>
/// <param name="Overrun">Volume gained by foaming, as a fraction.</param>
/// <param name="Thirds">Which third it is meant to be; null when the house does not count in thirds.</param>
/// <param name="IsCold">Whether it is foamed without steam.</param>
/// <param name="From">How warm the milk is before.</param>
/// <param name="To">How warm it is after.</param>
/// <param name="Steam">How hot the steam is.</param>
public sealed record FoamLevel(
    FoamId Id,
    string Name,
    double Overrun,
    int? Thirds,
    bool IsCold,
    Celsius From,
    Celsius To,
    Celsius Steam
)
{
    /// <summary>What it is foamed with.</summary>
    public FoamTool Tool { get; init; }

    /// <summary>The fattest milk that it manages, g of fat in 100 g.</summary>
    public double MostFat { get; init; } = 100;

    /// <summary>To what milk is steamed extra hot where the level does not say it, °C (68 to 70; common practice, no
    /// source).</summary>
    public const double UsualExtraHot = 68;

    /// <summary>To what milk is steamed for a child where the level does not say it, °C (45 to 50; common practice, no
    /// source).</summary>
    public const double UsualKids = 48;

    /// <summary>How warm the milk is after for a guest who wants it extra hot; no milk is steamed above what it
    /// bears.</summary>
    public Celsius ExtraHot { get; init; } = Celsius.From(UsualExtraHot);

    /// <summary>How warm the milk is after for a child.</summary>
    public Celsius Kids { get; init; } = Celsius.From(UsualKids);

    /// <summary>Whether it manages a milk: what is not known of it is not held against it.</summary>
    public bool Manages(Ingredient milk) => milk.Composition.Fat is not { } fat || fat <= MostFat + 1e-9;

    /// <summary>What a tool is called.</summary>
    public static string Words(FoamTool tool) =>
        tool switch
        {
            FoamTool.Wand => "steam wand",
            FoamTool.Mixer => "strong mixer",
            FoamTool.Whisk => "weak whisk",
            _ => "jar",
        };

    /// <summary>What milk is foamed with where it is not said.</summary>
    public static FoamTool UsualTool(bool isCold) => isCold ? FoamTool.Mixer : FoamTool.Wand;

    /// <summary>What a tool manages, g of fat in 100 g (common practice, no source): a wand and a strong mixer anything
    /// that is poured; a jar up to whole milk; a weak whisk skimmed milk, and hardly whole.</summary>
    public static double UsualMostFat(FoamTool tool) =>
        tool switch
        {
            FoamTool.Whisk => 1,
            FoamTool.Jar => 4.5,
            _ => 100,
        };

    /// <summary>Grams of steam that condense into a gram of milk of a specific heat.</summary>
    public double CondensatePerGram(SpecificHeat milk) =>
        IsCold ? 0 : SteamHeat.CondensatePerGram(milk, From, To, Steam);
}
