using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Cost;
using Krasis.Core.Working.Nutrition;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Working.Mixing;

/// <summary>One size of a build, worked out.</summary>
/// <param name="Size">The cup.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="IsReference">Whether it is the reference size.</param>
/// <param name="Cup">The cup in section.</param>
/// <param name="Lines">The lines in pour order.</param>
/// <param name="LiquidVolume">Volume of all that is liquid, condensed steam with it and the air of foam without.</param>
/// <param name="FoamVolume">Air that foaming has put in.</param>
/// <param name="IceMass">Mass of the ice.</param>
/// <param name="OccupiedVolume">Volume of the cup that is taken up: the foamed liquid and the floating ice's share, or the heap
/// of ice where that reaches higher.</param>
/// <param name="WorkingVolume">Volume below the reserve.</param>
/// <param name="RoomLeft">Working volume less what is taken up; negative when the size is overfull.</param>
/// <param name="Spilt">What does not fit below the brim, or zero.</param>
/// <param name="FillHeight">How high the liquid stands; the brim when it spills.</param>
/// <param name="CrownHeight">How high everything stands, ice and toppings with it.</param>
/// <param name="SticksOut">How far it stands above the brim, or zero.</param>
/// <param name="LidIsClear">Whether the lid closes over it; null without a lid.</param>
/// <param name="Taste">What it tastes like, as poured.</param>
/// <param name="Drift">How far it is from the reference size.</param>
/// <param name="Rounding">What rounding to the bar has done to it.</param>
/// <param name="Condensate">Steam that has turned to water in the milk.</param>
/// <param name="Moments">The drink at hand-over and, where it is known what the cup loses, 10 and 20 minutes later.</param>
/// <param name="Boundaries">Where one liquid was poured on another, from the bottom up.</param>
/// <param name="Nutrition">What is in it.</param>
/// <param name="Allergens">The allergens that are brought in.</param>
/// <param name="Cost">What it costs.</param>
/// <param name="Milk">In what its milk is steamed; null when none is, or when the bar has no pitchers.</param>
/// <param name="Drawing">Where in the cup it all is, as poured.</param>
/// <param name="FillLine">The line that is poured to a fill line: the most of the milk, or of the coffee or water where there is
/// no milk; null when nothing is poured freely.</param>
public sealed record SizeSheet(
    CupId Size,
    string Name,
    bool IsReference,
    CupSection Cup,
    IReadOnlyList<SheetLine> Lines,
    Millilitres LiquidVolume,
    Millilitres FoamVolume,
    Grams IceMass,
    Millilitres OccupiedVolume,
    Millilitres WorkingVolume,
    Millilitres RoomLeft,
    Millilitres Spilt,
    Millimetres FillHeight,
    Millimetres CrownHeight,
    Millimetres SticksOut,
    bool? LidIsClear,
    Taste Taste,
    Drift Drift,
    RoundingEffect Rounding,
    Grams Condensate,
    IReadOnlyList<Moment> Moments,
    IReadOnlyList<Boundary> Boundaries,
    NutritionFacts Nutrition,
    AllergenFacts Allergens,
    CostFacts Cost,
    MilkPlan? Milk,
    CupDrawing Drawing,
    LineId? FillLine);
