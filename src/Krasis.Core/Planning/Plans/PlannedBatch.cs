using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Planning.Plans;

/// <summary>A batch of the plan. Times are minutes of the plan's clock.</summary>
/// <param name="Key">What it is called by: as long as it is for the same day, it stays the same.</param>
/// <param name="Item">What is made.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Grams">How much.</param>
/// <param name="Begin">When it is begun; null when there is no room for it.</param>
/// <param name="Work">How long somebody works on it, min.</param>
/// <param name="Wait">How long it then stands, min.</param>
/// <param name="Due">When it has to be ready.</param>
/// <param name="Earliest">The earliest that it may be begun and still be good on the last day that it is for; null when
/// it keeps.</param>
/// <param name="Latest">The latest that it can be begun and be ready, were there nothing else to do; null when that is
/// over.</param>
/// <param name="From">The first day that it is for.</param>
/// <param name="To">The last.</param>
/// <param name="UseBy">The last day on which it may be used; null when it keeps or is not begun.</param>
/// <param name="IsSet">Whether somebody moved it.</param>
/// <param name="IsBegun">Whether it has been begun.</param>
/// <param name="Of">What goes in, g.</param>
public sealed record PlannedBatch(
    string Key,
    Item Item,
    string Name,
    double Grams,
    int? Begin,
    int Work,
    int Wait,
    int Due,
    int? Earliest,
    int? Latest,
    DateOnly From,
    DateOnly To,
    DateOnly? UseBy,
    bool IsSet,
    bool IsBegun,
    IReadOnlyList<(Item Item, double Grams)> Of
)
{
    /// <summary>When it is ready.</summary>
    public int? Ready => Begin + Work + Wait;
}
