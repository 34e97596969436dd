namespace Krasis.Core.Planning.Expecting;

/// <summary>How many cups were sold on a day.</summary>
/// <param name="Day">The day.</param>
/// <param name="What">The drink, its size and the station.</param>
/// <param name="Cups">How many, from 0.</param>
/// <param name="Times">When they were sold. Some times may be unknown, so there may be fewer cups here than
/// <paramref name="Cups"/>, and never more.</param>
public sealed record Sold(DateOnly Day, DrinkSize What, double Cups, IReadOnlyList<SoldTime> Times)
{
    /// <summary>Cups that were sold at an unknown time.</summary>
    public Sold(DateOnly day, DrinkSize what, double cups)
        : this(day, what, cups, []) { }
}

/// <summary>Cups that were sold at one time.</summary>
/// <param name="Minute">The minute of the day by the clock on the wall, 0 to 1439.</param>
/// <param name="Cups">How many, from 0.</param>
public readonly record struct SoldTime(int Minute, double Cups);
