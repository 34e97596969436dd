namespace Krasis.App.Prep;

/// <summary>What is in stock.</summary>
/// <param name="Today">The day.</param>
/// <param name="Currency">The house's currency.</param>
/// <param name="Lots">The lots, what has to be used first before the rest.</param>
/// <param name="Thrown">What was thrown away in the last 30 days.</param>
/// <param name="ThrownCost">What that cost; what has no price is left out.</param>
/// <param name="Items">What can come into stock.</param>
public sealed record StockView(
    DateOnly Today,
    string Currency,
    IReadOnlyList<LotView> Lots,
    IReadOnlyList<ThrownView> Thrown,
    double ThrownCost,
    IReadOnlyList<StockItemView> Items
);

/// <summary>A lot, as the page and a label say it.</summary>
/// <param name="Lot">Its number.</param>
/// <param name="Item">What it is of.</param>
/// <param name="Name">What the bar calls that.</param>
/// <param name="Unit">g or cups.</param>
/// <param name="Left">How much is left.</param>
/// <param name="Since">When it was made or delivered.</param>
/// <param name="OpenedOn">When it was opened; null while it is closed.</param>
/// <param name="UseBy">The last day on which it may be used; null when it keeps.</param>
/// <param name="IsOver">Whether that day is over.</param>
/// <param name="IsMade">Whether the house made it.</param>
/// <param name="KeepAt">How it has to be kept; null where that is the pack's to say.</param>
/// <param name="Allergens">Its allergens, as a sentence; null for cups.</param>
/// <param name="Who">Who made it or took it in; null of nobody in particular.</param>
/// <param name="Worth">What is left is worth; null when not known.</param>
public sealed record LotView(
    string Lot,
    string Item,
    string Name,
    string Unit,
    double Left,
    DateOnly Since,
    DateOnly? OpenedOn,
    DateOnly? UseBy,
    bool IsOver,
    bool IsMade,
    string? KeepAt,
    string? Allergens,
    string? Who,
    double? Worth
);

/// <summary>What was thrown away.</summary>
public sealed record ThrownView(
    string Lot,
    string Name,
    double Amount,
    DateOnly Day,
    string Reason,
    string? Who,
    double? Cost
);

/// <summary>What can come into stock.</summary>
public sealed record StockItemView(string Item, string Name, string Unit, double? Pack, string? PackSays);

/// <summary>One lot, and all that happened to it.</summary>
public sealed record LotHistoryView(LotView Lot, IReadOnlyList<LotMoveView> Moves);

/// <summary>What happened to a lot.</summary>
public sealed record LotMoveView(DateTimeOffset At, string Move, double Amount, string? Reason, string? Who);

/// <summary>What a standard lacks.</summary>
/// <param name="Build">The build.</param>
/// <param name="Item">What it lacks.</param>
/// <param name="Name">What the bar calls that.</param>
/// <param name="IsOver">Whether there is some, over date.</param>
/// <param name="Says">It, in words.</param>
public sealed record ShortView(string Build, string Item, string Name, bool IsOver, string Says);

/// <summary>What happened, to be written in the book.</summary>
/// <param name="Id">An id of the page's own.</param>
/// <param name="Move">made, bought, opened, used, thrown or counted.</param>
/// <param name="Lot">The lot; null for what came.</param>
/// <param name="Item">What came; null for a lot.</param>
/// <param name="Amount">How much came or was thrown away, or how much is there; of what is thrown away all of it where
/// it is missing.</param>
/// <param name="Packs">How many packs came; null where the amount is said.</param>
/// <param name="UseBy">The last day on which it may be used.</param>
/// <param name="Reason">Why.</param>
/// <param name="Who">Who.</param>
public sealed record StockRequest(
    string? Id,
    string? Move,
    string? Lot,
    string? Item,
    double? Amount,
    double? Packs,
    string? UseBy,
    string? Reason,
    string? Who
);
