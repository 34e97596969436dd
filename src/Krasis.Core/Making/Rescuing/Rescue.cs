using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Rescuing;

/// <summary>What can still be made of a drink that something went wrong with.</summary>
/// <param name="Kind">What is to be done.</param>
/// <param name="Says">That, and what comes of it, in a sentence or two.</param>
/// <param name="Changes">What is poured otherwise; none when nothing is, and when nothing helps.</param>
/// <param name="Strength">How far the drink then is from its standard in strength; of what nothing helps, the nearest
/// that fits. Null when it is not known, and when nothing fits.</param>
/// <param name="Sweetness">The same in sweetness.</param>
/// <param name="RoomLeft">Working volume that is left then; negative when it is too full.</param>
/// <param name="Plan">How it is made from here on, what is in already with it; null when nothing helps.</param>
public sealed record Rescue(
    RescueKind Kind,
    string Says,
    IReadOnlyList<RescueChange> Changes,
    Percent? Strength,
    Percent? Sweetness,
    Millilitres RoomLeft,
    MakingPlan? Plan
);
