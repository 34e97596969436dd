namespace Krasis.Core.Planning.Plans;

/// <summary>What is to be made, and when.</summary>
/// <param name="Batches">The batches, in the order in which they are begun.</param>
/// <param name="Needs">What is needed.</param>
/// <param name="Conflicts">What cannot be solved.</param>
/// <param name="Litres">What is expected to stand in the fridge at the beginning of each day, l.</param>
/// <param name="Figures">What it comes to.</param>
public sealed record PrepPlan(
    IReadOnlyList<PlannedBatch> Batches,
    IReadOnlyList<ItemNeed> Needs,
    IReadOnlyList<Conflict> Conflicts,
    IReadOnlyList<double> Litres,
    PlanFigures Figures
);
