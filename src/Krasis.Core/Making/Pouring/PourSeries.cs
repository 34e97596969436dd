namespace Krasis.Core.Making.Pouring;

/// <summary>What a series of pours is of.</summary>
public enum SeriesOf
{
    /// <summary>A dispenser, in percent off what was to go in.</summary>
    Dispenser,

    /// <summary>Something that is poured by hand and eye, likewise.</summary>
    Hand,

    /// <summary>One person's pours of something, likewise.</summary>
    Person,

    /// <summary>The pulls of an espresso recipe, in seconds.</summary>
    Pull,

    /// <summary>How strong a drink came out, in percent off its standard.</summary>
    Drink,

    /// <summary>How long a drink took to make, in seconds.</summary>
    Time,
}

/// <summary>One value of a series.</summary>
/// <param name="On">The day on which it was poured.</param>
/// <param name="Value">The value.</param>
public sealed record PourPoint(DateOnly On, double Value);

/// <summary>Pours of one thing at one station, in the order in which they were poured.</summary>
/// <param name="Of">What they are of.</param>
/// <param name="Id">The id of the dispenser, the recipe or the ingredient's name.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Station">What the house calls the station; null where there is one place only.</param>
/// <param name="Who">Whose pours they are; null of everybody's.</param>
/// <param name="Points">The values.</param>
public sealed record PourSeries(
    SeriesOf Of,
    string Id,
    string Name,
    string? Station,
    string? Who,
    IReadOnlyList<PourPoint> Points
)
{
    /// <summary>The shortest that a good pull takes, s; null of what is no pull, and where the house has no
    /// window.</summary>
    public double? WindowFrom { get; init; }

    /// <summary>The longest, s.</summary>
    public double? WindowTo { get; init; }

    /// <summary>The chart of it.</summary>
    public IndividualsChart ToChart() => IndividualsChart.Of([.. Points.Select(point => point.Value)]);
}
