namespace Krasis.Core.Planning.Scheduling;

/// <summary>When there are hands to work, and what can be busy.</summary>
/// <param name="Shifts">When somebody prepares, in order and apart from one another, with how many do.</param>
/// <param name="Equipment">How many there are of what can be busy.</param>
/// <param name="Now">Before this nothing more is begun.</param>
/// <param name="End">When the plan ends.</param>
public sealed record Workshop(
    IReadOnlyList<WorkShift> Shifts,
    IReadOnlyDictionary<string, int> Equipment,
    int Now,
    int End
);

/// <summary>A while in which somebody prepares.</summary>
/// <param name="From">From when on, min.</param>
/// <param name="To">Until when.</param>
/// <param name="People">How many work side by side.</param>
public sealed record WorkShift(int From, int To, int People);
