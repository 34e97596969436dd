using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Working.Cost;
using Krasis.Core.Working.Drawing;
using Krasis.Core.Working.Life;

namespace Krasis.Core.Working.SizeSheets;

/// <summary>One size of a build, worked out.</summary>
/// <param name="Size">The cup.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="IsReference">Whether it is the reference size.</param>
/// <param name="Cup">The cup in section.</param>
/// <param name="Lines">The lines in pour order.</param>
/// <param name="Fill">How full it is.</param>
/// <param name="Taste">What it tastes and looks like against the reference size.</param>
/// <param name="Life">Its heat and its ice, from hand-over on.</param>
/// <param name="Inside">What is in it.</param>
/// <param name="Cost">What it costs.</param>
/// <param name="Milk">In what its milk is steamed; null when none is, or when the bar has no pitchers.</param>
/// <param name="Drawing">Where in the cup it all is.</param>
public sealed record SizeSheet(
    CupId Size,
    string Name,
    bool IsReference,
    CupSection Cup,
    IReadOnlyList<SheetLine> Lines,
    SizeFill Fill,
    SizeTaste Taste,
    SizeLife Life,
    SizeInside Inside,
    CostFacts Cost,
    MilkPlan? Milk,
    SizeDrawing Drawing
);
