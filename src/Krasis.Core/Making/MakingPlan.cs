using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Drawing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Making;

/// <summary>How one size of a drink is made, step by step: what cards, the service view and the make-along all
/// read.</summary>
/// <param name="Drink">What the drink is called.</param>
/// <param name="Size">The cup.</param>
/// <param name="SizeName">What the bar calls it.</param>
/// <param name="Serve">How it is served.</param>
/// <param name="Station">What the house calls the station; null where the house has none.</param>
/// <param name="Steps">The steps, in the order in which they are done.</param>
/// <param name="Cup">The cup in section.</param>
/// <param name="Drawing">Where in it everything is as it is poured.</param>
/// <param name="Allergens">What is told of allergens; never that it is free from something.</param>
/// <param name="Cautions">What is to be minded of the drink as a whole.</param>
/// <param name="HandedOver">How warm it is when it is handed over.</param>
/// <param name="Fill">How full it is in the end.</param>
public sealed record MakingPlan(
    string Drink,
    CupId Size,
    string SizeName,
    Serve Serve,
    string? Station,
    IReadOnlyList<MakingStep> Steps,
    CupSection Cup,
    CupDrawing Drawing,
    string Allergens,
    IReadOnlyList<string> Cautions,
    Celsius HandedOver,
    SizeFill Fill
);
