using Krasis.Core.Planning.Keeping;

namespace Krasis.App.Prep;

/// <summary>How a batch is made.</summary>
/// <param name="Batch">The batch.</param>
/// <param name="Grams">How much comes out.</param>
/// <param name="Lines">What goes in.</param>
/// <param name="WaterGrams">Water that goes in, g; null for none.</param>
/// <param name="Steps">How it is made, step by step.</param>
/// <param name="Timers">What is to be timed.</param>
/// <param name="KeepsDays">How many days it keeps, the day of making counted; null when it keeps.</param>
/// <param name="IsChilled">Whether it stands in the fridge.</param>
/// <param name="BegunAt">When it was begun; null before.</param>
public sealed record BatchSheetView(
    BatchView Batch,
    double Grams,
    IReadOnlyList<BatchLineView> Lines,
    double? WaterGrams,
    IReadOnlyList<string> Steps,
    IReadOnlyList<TimerView> Timers,
    int? KeepsDays,
    bool IsChilled,
    DateTimeOffset? BegunAt
);

/// <summary>One thing that goes in.</summary>
/// <param name="Item">Which.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Grams">How much.</param>
/// <param name="Ml">The same by volume; null when its density is not known.</param>
/// <param name="Lots">Which lots are to be used first.</param>
public sealed record BatchLineView(string Item, string Name, double Grams, double? Ml, IReadOnlyList<string> Lots);

/// <summary>Something that is timed.</summary>
/// <param name="Name">What.</param>
/// <param name="Minutes">How long, from when work on it is over.</param>
/// <param name="Celsius">How warm it may be then at the most; null where that is not asked.</param>
/// <param name="EndsAt">When it is over; null before the batch is begun.</param>
public sealed record TimerView(string Name, int Minutes, double? Celsius, DateTimeOffset? EndsAt);

/// <summary>How far a cooked batch has cooled, by its readings.</summary>
/// <param name="Since">When its cooling time started.</param>
/// <param name="IsSinceBegun">Whether the time counts from the start of the batch, because nobody recorded when it left
/// the heat.</param>
/// <param name="Verdict">How far it has cooled.</param>
/// <param name="Says">The verdict in words, and what to do now.</param>
/// <param name="Readings">The readings, oldest first.</param>
public sealed record CoolingView(
    DateTimeOffset Since,
    bool IsSinceBegun,
    CoolingVerdict Verdict,
    string Says,
    IReadOnlyList<CoolingReadingView> Readings
);

/// <summary>A temperature reading of a cooling batch.</summary>
/// <param name="At">When it was taken.</param>
/// <param name="Celsius">The temperature, °C; null means that the batch left the heat.</param>
/// <param name="Who">Who recorded it; null when no name was given.</param>
public sealed record CoolingReadingView(DateTimeOffset At, double? Celsius, string? Who);

/// <summary>A reading of a cooling batch, to be recorded now.</summary>
/// <param name="Celsius">The temperature, °C; not needed with <paramref name="LeftTheHeat"/>.</param>
/// <param name="LeftTheHeat">Whether the batch is leaving the heat now.</param>
/// <param name="Who">Who records it.</param>
public sealed record CoolingRequest(double? Celsius, bool LeftTheHeat, string? Who);

/// <summary>Where a batch is moved to.</summary>
/// <param name="Day">The day.</param>
/// <param name="Time">The time, as 07:30.</param>
public sealed record MoveBatchRequest(string? Day, string? Time);

/// <summary>That a batch has been begun.</summary>
/// <param name="Who">By whom.</param>
/// <param name="Grams">How much is made; null as planned.</param>
public sealed record BeginRequest(string? Who, double? Grams);

/// <summary>That a batch is done.</summary>
/// <param name="Id">An id of the page's own.</param>
/// <param name="Grams">How much really came out.</param>
/// <param name="Who">Who made it.</param>
public sealed record DoneRequest(string? Id, double? Grams, string? Who);
