namespace Krasis.Store.Prep;

/// <summary>How the house prepares, as it is kept.</summary>
/// <param name="Version">How often it has been saved.</param>
/// <param name="Document">It, as JSON.</param>
public sealed record StoredPrep(long Version, string Document);

/// <summary>Cups of a drink that are expected on a day.</summary>
public sealed record CupsRow(string Day, string Station, string Build, string Size, double Cups);

/// <summary>Cups of a drink that were sold on a day.</summary>
/// <param name="Day">The day.</param>
/// <param name="Station">The station's id.</param>
/// <param name="Build">The build's id.</param>
/// <param name="Size">The cup's id.</param>
/// <param name="Cups">How many.</param>
/// <param name="Times">Minutes of the day and the cups sold in them, "494:2 500:1"; null if no time is known.</param>
public sealed record SoldRow(string Day, string Station, string Build, string Size, double Cups, string? Times = null);

/// <summary>What the till calls a drink.</summary>
/// <param name="Words">What it says.</param>
/// <param name="Build">The build's id; null where it is none of the house's.</param>
/// <param name="Size">The cup's id; null likewise.</param>
public sealed record SalesName(string Words, string? Build, string? Size);

/// <summary>A line of the book of stock.</summary>
/// <param name="Number">Its place in the book.</param>
/// <param name="Id">Its id, given by the page.</param>
/// <param name="At">When it was written.</param>
/// <param name="Lot">The lot.</param>
/// <param name="Item">What it is of.</param>
/// <param name="Move">What happened.</param>
/// <param name="Amount">By how much the lot grows, g or pieces.</param>
/// <param name="Day">The day on which it happened.</param>
/// <param name="UseBy">The last day on which the lot may be used; null where this says nothing of it.</param>
/// <param name="Batch">The batch of the plan that it was; null for none.</param>
/// <param name="Reason">Why; null where nobody said.</param>
/// <param name="Who">Who; null of nobody in particular.</param>
/// <param name="Cost">What it cost the house; null when not known.</param>
/// <param name="SoldDay">The day whose sold cups took this out of stock; null where something else did.</param>
public sealed record LotRow(
    long Number,
    string Id,
    string At,
    string Lot,
    string Item,
    string Move,
    double Amount,
    string Day,
    string? UseBy,
    string? Batch,
    string? Reason,
    string? Who,
    double? Cost,
    string? SoldDay = null
);

/// <summary>What is left of a lot, by the book.</summary>
/// <param name="Lot">The lot.</param>
/// <param name="Item">What it is of.</param>
/// <param name="Remaining">How much is left, g or pieces.</param>
/// <param name="Since">When it was made or delivered.</param>
/// <param name="OpenedOn">When it was opened; null while it is closed.</param>
/// <param name="UseBy">The last day on which it may be used; null when it keeps.</param>
/// <param name="Who">Who made it or took it in; null of nobody in particular.</param>
public sealed record LotBalance(
    string Lot,
    string Item,
    double Remaining,
    string Since,
    string? OpenedOn,
    string? UseBy,
    string? Who
);

/// <summary>A batch that somebody moved or began.</summary>
public sealed record SetBatchRow(string Key, string Item, double Grams, string BeginAt, long IsBegun, string? Who);

/// <summary>What the calendar has said of a batch.</summary>
public sealed record CalendarRow(
    string Key,
    long Sequence,
    string Says,
    string BeginAt,
    string EndsAt,
    string Title,
    string Changed
);

/// <summary>How warm a batch was when.</summary>
/// <param name="Batch">Its key in the plan.</param>
/// <param name="At">When.</param>
/// <param name="Celsius">How warm; null where it left the heat.</param>
/// <param name="Who">Who noted it.</param>
public sealed record CoolingRow(string Batch, string At, double? Celsius, string? Who);
