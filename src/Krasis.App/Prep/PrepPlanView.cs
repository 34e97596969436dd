using Krasis.Core.Planning.Buying;
using Krasis.Core.Planning.Plans;

namespace Krasis.App.Prep;

/// <summary>The plan as the page shows it. Minutes are counted from the first midnight, as they really pass.</summary>
/// <param name="Etag">The version of how the house prepares.</param>
/// <param name="IsSetUp">Whether anybody has said how the house prepares.</param>
/// <param name="Now">The minute that it is.</param>
/// <param name="End">When the plan ends.</param>
/// <param name="Currency">The house's currency; empty where it has said none.</param>
/// <param name="LastsPercent">What is made and bought lasts with this probability, %.</param>
/// <param name="Days">The days.</param>
/// <param name="Batches">What is to be made, in the order in which it is begun.</param>
/// <param name="Conflicts">What the plan cannot solve.</param>
/// <param name="Needs">What is needed.</param>
/// <param name="Figures">What the plan comes to.</param>
public sealed record PrepPlanView(
    string Etag,
    bool IsSetUp,
    int Now,
    int End,
    string Currency,
    double LastsPercent,
    IReadOnlyList<PlanDayView> Days,
    IReadOnlyList<BatchView> Batches,
    IReadOnlyList<Conflict> Conflicts,
    IReadOnlyList<NeedView> Needs,
    PlanFigures Figures
);

/// <summary>A day of the plan.</summary>
/// <param name="Day">The day.</param>
/// <param name="Name">It in words, such as Friday 27 November.</param>
/// <param name="Week">Its week, as ISO 8601 counts them.</param>
/// <param name="From">When it begins, min.</param>
/// <param name="To">When it ends.</param>
/// <param name="Opens">When the house opens; null when it is closed.</param>
/// <param name="Closes">When it closes.</param>
/// <param name="WorkFrom">From when on somebody prepares; null when nobody does.</param>
/// <param name="WorkTo">Until when.</param>
/// <param name="Kind">What sort of day it is; null for an ordinary one.</param>
/// <param name="Cups">How many cups are expected.</param>
/// <param name="Litres">What is expected to stand in the fridge in the morning, l.</param>
public sealed record PlanDayView(
    DateOnly Day,
    string Name,
    int Week,
    int From,
    int To,
    int? Opens,
    int? Closes,
    int? WorkFrom,
    int? WorkTo,
    string? Kind,
    double Cups,
    double Litres
);

/// <summary>A batch of the plan.</summary>
/// <param name="Key">What it is called by.</param>
/// <param name="Item">What is made, such as <c>ingredient:tide-milk</c>.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Grams">How much.</param>
/// <param name="Begin">When it is begun, min; null when there is no room for it.</param>
/// <param name="Work">How long somebody works on it, min.</param>
/// <param name="Wait">How long it then stands, min.</param>
/// <param name="WaitsFor">What it stands for; null when it does not.</param>
/// <param name="Due">When it has to be ready, min.</param>
/// <param name="BeginDay">The day on which it is begun; null likewise.</param>
/// <param name="BeginTime">The time, as 07:30; null likewise.</param>
/// <param name="BeginSays">Both in words; null likewise.</param>
/// <param name="ReadySays">When it is ready, in words; null likewise.</param>
/// <param name="DueSays">When it has to be, in words.</param>
/// <param name="EarliestSays">The earliest that it may be begun, in words; null when it keeps.</param>
/// <param name="LatestSays">The latest, in words; null when that is over.</param>
/// <param name="MoveDays">The days on which it can start: early enough to be ready, and late enough to keep until it is
/// used. All remaining days if it cannot be ready in time.</param>
/// <param name="From">The first day that it is for.</param>
/// <param name="To">The last.</param>
/// <param name="UseBy">The last day on which it may be used; null when it keeps.</param>
/// <param name="IsSet">Whether somebody moved it.</param>
/// <param name="IsBegun">Whether it has been begun.</param>
/// <param name="IsCooked">Whether it has to be cooled in time.</param>
/// <param name="Who">Who makes it; null for anybody.</param>
/// <param name="Of">What goes in.</param>
public sealed record BatchView(
    string Key,
    string Item,
    string Name,
    double Grams,
    int? Begin,
    int Work,
    int Wait,
    string? WaitsFor,
    int Due,
    DateOnly? BeginDay,
    string? BeginTime,
    string? BeginSays,
    string? ReadySays,
    string DueSays,
    string? EarliestSays,
    string? LatestSays,
    IReadOnlyList<DateOnly> MoveDays,
    DateOnly From,
    DateOnly To,
    DateOnly? UseBy,
    bool IsSet,
    bool IsBegun,
    bool IsCooked,
    string? Who,
    IReadOnlyList<IntoView> Of
);

/// <summary>One thing that goes into a batch.</summary>
public sealed record IntoView(string Item, string Name, double Grams);

/// <summary>How much of a thing is needed.</summary>
/// <param name="Item">Which.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Unit">g or cups.</param>
/// <param name="IsMade">Whether the house makes it.</param>
/// <param name="Mean">On average.</param>
/// <param name="Lasting">What lasts with the house's probability.</param>
/// <param name="InStock">What is good of it and in stock.</param>
/// <param name="Days">What lasts, day by day.</param>
public sealed record NeedView(
    string Item,
    string Name,
    string Unit,
    bool IsMade,
    double Mean,
    double Lasting,
    double InStock,
    IReadOnlyList<double> Days
);

/// <summary>What is tried out beside the plan.</summary>
/// <param name="CupsPercent">All cups, % of what is expected.</param>
/// <param name="IcedPercent">Cups with ice, likewise.</param>
/// <param name="Without">The id of the equipment of which one is down.</param>
/// <param name="Off">The ids of builds that are off the board.</param>
/// <param name="Instead">The ids of builds that take over their cups.</param>
public sealed record WhatIfRequest(
    double? CupsPercent,
    double? IcedPercent,
    string? Without,
    IReadOnlyList<string>? Off,
    IReadOnlyList<string>? Instead
);

/// <summary>Two plans side by side.</summary>
/// <param name="Now">What the plan comes to.</param>
/// <param name="Then">What it would come to.</param>
/// <param name="NowOrders">What has to be bought now, in the house's currency; what has no price is left out.</param>
/// <param name="ThenOrders">What would have to be.</param>
/// <param name="NowConflicts">What the plan cannot solve.</param>
/// <param name="ThenConflicts">What the other could not.</param>
public sealed record WhatIfView(
    PlanFigures Now,
    PlanFigures Then,
    double NowOrders,
    double ThenOrders,
    IReadOnlyList<Conflict> NowConflicts,
    IReadOnlyList<Conflict> ThenConflicts
);

/// <summary>What is to be ordered.</summary>
/// <param name="Currency">The house's currency.</param>
/// <param name="Until">The last day that is planned.</param>
/// <param name="Rows">It, what is most pressing first.</param>
/// <param name="Cost">What all of it costs; what has no price is left out.</param>
public sealed record OrderView(string Currency, DateOnly Until, IReadOnlyList<OrderRow> Rows, double Cost);
