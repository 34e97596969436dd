using Krasis.Core.Bar.Cups;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.Stations;

/// <summary>One size as it is poured at a station.</summary>
/// <param name="Size">The cup.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Lines">What goes in, in pour order.</param>
/// <param name="Taste">What it tastes like there.</param>
/// <param name="Drift">How far that is from the same size where it was set.</param>
/// <param name="RoomLeft">Working volume less what is taken up; negative when it is overfull there.</param>
public sealed record StationSize(
    CupId Size,
    string Name,
    IReadOnlyList<StationLine> Lines,
    Taste Taste,
    Drift Drift,
    Millilitres RoomLeft
);
