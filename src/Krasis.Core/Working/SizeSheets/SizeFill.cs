using Krasis.Core.Builds.Lines;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.SizeSheets;

/// <summary>How full a size is.</summary>
/// <param name="LiquidVolume">Volume of all that is liquid, condensed steam with it and the air of foam without; of a
/// blended drink the ice too.</param>
/// <param name="FoamVolume">Air that foaming, shaking or blending has put in.</param>
/// <param name="FoamCap">How thick the foam stands on the liquid; zero where the air is blended in.</param>
/// <param name="IceMass">Mass of the ice.</param>
/// <param name="TotalMass">Mass of all that goes into, onto and around the drink, condensed steam with it: what a scale
/// under the cup shows, the cup left out.</param>
/// <param name="OccupiedVolume">Volume of the cup that is taken up: to the foam, or to the top of the ice where that
/// sticks out.</param>
/// <param name="WorkingVolume">Volume below the reserve.</param>
/// <param name="RoomLeft">Working volume less what is taken up; negative when the size is overfull.</param>
/// <param name="Spilt">What does not fit below the brim, or zero.</param>
/// <param name="FillHeight">How high the drink stands; the brim when it spills.</param>
/// <param name="CrownHeight">How high everything stands, ice and toppings with it.</param>
/// <param name="SticksOut">How far it stands above the brim, or zero.</param>
/// <param name="LidIsClear">Whether the lid closes over it; null without a lid.</param>
/// <param name="FillLine">The line that is poured to a fill line: the most of the milk, or of the coffee or water where
/// there is no milk; null when nothing is poured freely.</param>
public sealed record SizeFill(
    Millilitres LiquidVolume,
    Millilitres FoamVolume,
    Millimetres FoamCap,
    Grams IceMass,
    Grams TotalMass,
    Millilitres OccupiedVolume,
    Millilitres WorkingVolume,
    Millilitres RoomLeft,
    Millilitres Spilt,
    Millimetres FillHeight,
    Millimetres CrownHeight,
    Millimetres SticksOut,
    bool? LidIsClear,
    LineId? FillLine
);
