using Krasis.Core.Measures;
using Krasis.Core.Tasting;
using Krasis.Core.Vessels;

namespace Krasis.Core.Mixing;

/// <summary>One size of a build, worked out.</summary>
/// <param name="Size">The cup.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="IsReference">Whether it is the reference size.</param>
/// <param name="Cup">The cup in section.</param>
/// <param name="Lines">The lines in pour order.</param>
/// <param name="LiquidVolume">Volume of all that is not ice.</param>
/// <param name="IceMass">Mass of the ice.</param>
/// <param name="OccupiedVolume">Volume of the cup that is taken up, the floating ice's share included.</param>
/// <param name="WorkingVolume">Volume below the reserve.</param>
/// <param name="RoomLeft">Working volume less what is taken up; negative when the size is overfull.</param>
/// <param name="Spilt">What does not fit below the brim, or zero.</param>
/// <param name="FillHeight">How high the cup is filled; the brim when it spills.</param>
/// <param name="Taste">What it tastes like, as poured.</param>
/// <param name="Drift">How far it is from the reference size.</param>
/// <param name="Drawing">Where in the cup it all is.</param>
public sealed record SizeSheet(
    CupId Size,
    string Name,
    bool IsReference,
    CupSection Cup,
    IReadOnlyList<SheetLine> Lines,
    Millilitres LiquidVolume,
    Grams IceMass,
    Millilitres OccupiedVolume,
    Millilitres WorkingVolume,
    Millilitres RoomLeft,
    Millilitres Spilt,
    Millimetres FillHeight,
    Taste Taste,
    Drift Drift,
    CupDrawing Drawing);
