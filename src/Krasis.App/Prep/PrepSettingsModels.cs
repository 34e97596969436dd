using Krasis.Core.Planning.Preparing;

namespace Krasis.App.Prep;

/// <summary>How the house prepares.</summary>
/// <param name="Etag">Its version.</param>
/// <param name="Document">It.</param>
/// <param name="CanMake">What a batch can be of: first what the house makes already.</param>
/// <param name="CanBuy">What can be bought.</param>
/// <param name="Learned">What sales tell of sorts of days.</param>
/// <param name="MostChilledDays">How many days cold food keeps at the most.</param>
public sealed record PrepSettingsView(
    string Etag,
    PrepDocument Document,
    IReadOnlyList<CanMakeView> CanMake,
    IReadOnlyList<CanBuyView> CanBuy,
    IReadOnlyList<LearnedKindView> Learned,
    int MostChilledDays
);

/// <summary>What a batch can be of.</summary>
/// <param name="Id">The id of the ingredient.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="IsMade">Whether it is known what goes into it.</param>
/// <param name="KeepsDays">How many days it keeps, as the part says; null where it does not.</param>
public sealed record CanMakeView(string Id, string Name, bool IsMade, double? KeepsDays);

/// <summary>What can be bought.</summary>
/// <param name="Item">What, such as <c>cup:wren</c>.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="IsCup">Whether it is a cup, whose sleeve has to be said.</param>
/// <param name="Pack">What a pack is; null when not known.</param>
public sealed record CanBuyView(string Item, string Name, bool IsCup, string? Pack);

/// <summary>What sales tell of a sort of day.</summary>
/// <param name="Kind">The sort.</param>
/// <param name="Percent">What was sold, % of other such weekdays.</param>
/// <param name="Spread">How widely that scattered from day to day, percentage points.</param>
/// <param name="Days">Of how many days.</param>
public sealed record LearnedKindView(string Kind, double Percent, double Spread, int Days);
