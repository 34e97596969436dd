namespace Krasis.Core.Making.Ordering;

/// <summary>Something of an order that stands and waits.</summary>
/// <param name="Kind">What it is: a pull, a pitcher of milk (<see cref="OrderStepKind.Steam"/>) or a drink
/// (<see cref="OrderStepKind.Finish"/>).</param>
/// <param name="Of">Which drink it is of, or which pitcher of milk, by its place.</param>
/// <param name="From">From when, s.</param>
/// <param name="To">Until when, s.</param>
/// <param name="Limit">How long it may stand, s.</param>
internal readonly record struct Stood(OrderStepKind Kind, int Of, double From, double To, double Limit);
