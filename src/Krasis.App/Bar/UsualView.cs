using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.App.Bar;

/// <summary>What the core takes where nothing is said.</summary>
/// <param name="Technique">How a line goes in.</param>
/// <param name="Cooling">How a coffee is cooled.</param>
/// <param name="SteamTool">What milk is steamed with, as it is called.</param>
/// <param name="ColdTool">What milk is foamed cold with, as it is called.</param>
/// <param name="ExtraHot">To what milk is steamed extra hot.</param>
/// <param name="Kids">To what milk is steamed for a child.</param>
/// <param name="FromThePot">How warm brewed coffee goes into a hot drink.</param>
/// <param name="RoastSpread">How far the caffeine of a roast may be off, as a share of it.</param>
public sealed record UsualView(
    string Technique,
    string Cooling,
    string SteamTool,
    string ColdTool,
    Celsius ExtraHot,
    Celsius Kids,
    Celsius FromThePot,
    Percent RoastSpread
)
{
    /// <summary>All of it.</summary>
    public static UsualView All { get; } =
        new(
            Techniques.Of(Techniques.WhereNoneIsSaid),
            Choice.Word(CoolingWays.WhereNoneIsSaid),
            FoamLevel.Words(FoamLevel.UsualTool(false)),
            FoamLevel.Words(FoamLevel.UsualTool(true)),
            Celsius.From(FoamLevel.UsualExtraHot),
            Celsius.From(FoamLevel.UsualKids),
            CoffeeBaseReader.FromThePot,
            Roast.UsualSpread
        );
}
