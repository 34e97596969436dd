namespace Krasis.App.Prep;

/// <summary>What is expected to sell.</summary>
/// <param name="Days">The days.</param>
/// <param name="Rows">The drinks, by size and station.</param>
/// <param name="Drinks">What all sizes of a drink come to, by drink and station, in the order of the rows.</param>
/// <param name="Totals">All cups of a day, everywhere first and then by station.</param>
/// <param name="Kinds">Sorts of days.</param>
/// <param name="Stations">How widely sales scatter at the stations.</param>
public sealed record ExpectedView(
    IReadOnlyList<ExpectedDay> Days,
    IReadOnlyList<ExpectedRow> Rows,
    IReadOnlyList<DrinkTotal> Drinks,
    IReadOnlyList<StationTotal> Totals,
    IReadOnlyList<KindChoice> Kinds,
    IReadOnlyList<StationDispersion> Stations
);

/// <summary>All cups of a drink at a station, day by day, as far as it is on the board.</summary>
public sealed record DrinkTotal(
    string Station,
    string StationName,
    string Build,
    string Name,
    IReadOnlyList<double> Cups
);

/// <summary>All cups at a station, day by day; without a station, everywhere.</summary>
public sealed record StationTotal(string? Station, IReadOnlyList<double> Cups);

/// <summary>A day.</summary>
public sealed record ExpectedDay(DateOnly Day, string Name, string? Kind, bool IsOpen);

/// <summary>A sort of day, with what is sold on it in % of an ordinary one.</summary>
public sealed record KindChoice(string Id, string Name, double Percent);

/// <summary>How widely a day's cups scatter at a station: variance over mean, 1 where they scatter as Poisson's law has
/// it.</summary>
public sealed record StationDispersion(string Station, string Name, double Dispersion);

/// <summary>One drink in one size at one station.</summary>
public sealed record ExpectedRow(
    string Station,
    string StationName,
    string Build,
    string Name,
    string Size,
    string SizeName,
    IReadOnlyList<ExpectedCell> Cells
);

/// <summary>What is expected on a day.</summary>
/// <param name="Cups">On average; null where nothing is known.</param>
/// <param name="Low">One day in ten has fewer.</param>
/// <param name="High">One day in ten has more.</param>
/// <param name="IsTyped">Whether somebody said so; otherwise it was learned.</param>
/// <param name="IsOn">Whether the drink is on the board on that day. Cups of one that is not are not counted.</param>
public sealed record ExpectedCell(double? Cups, double? Low, double? High, bool IsTyped, bool IsOn);

/// <summary>What somebody says will be sold.</summary>
/// <param name="Cells">The cells.</param>
/// <param name="From">From which day on the answer tells.</param>
/// <param name="Days">How many days it tells of.</param>
public sealed record SayRequest(IReadOnlyList<SayCell?>? Cells, DateOnly? From, int? Days);

/// <summary>One cell; without cups it is taken back, and sales tell again.</summary>
public sealed record SayCell(string? Day, string? Station, string? Build, string? Size, double? Cups);

/// <summary>What sort of day it is; null for an ordinary one.</summary>
public sealed record KindRequest(string? Kind);

/// <summary>A day that is over.</summary>
/// <param name="Day">The day.</param>
/// <param name="Name">It in words.</param>
/// <param name="Sold">How many cups were sold.</param>
/// <param name="Expected">How many the other days lead to expect; null when there are none.</param>
/// <param name="Low">One such day in ten has fewer.</param>
/// <param name="High">One in ten has more.</param>
/// <param name="Kind">What sort of day it was; null for an ordinary one.</param>
public sealed record PastDay(
    DateOnly Day,
    string Name,
    double Sold,
    double? Expected,
    double? Low,
    double? High,
    string? Kind
);
