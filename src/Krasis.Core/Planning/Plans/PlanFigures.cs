namespace Krasis.Core.Planning.Plans;

/// <summary>What a plan comes to.</summary>
/// <param name="Batches">How many batches are made.</param>
/// <param name="WorkMinutes">How long somebody works on them.</param>
/// <param name="FridgeLitres">The most that stands in the fridge of what is made, l.</param>
/// <param name="WasteGrams">What is expected to be thrown away over date, g.</param>
/// <param name="WasteCost">What that costs; what has no price is left out.</param>
/// <param name="Cost">What all that is needed costs; what has no price is left out.</param>
/// <param name="Cups">How many cups are expected.</param>
public sealed record PlanFigures(
    int Batches,
    int WorkMinutes,
    double FridgeLitres,
    double WasteGrams,
    double WasteCost,
    double Cost,
    double Cups
);
