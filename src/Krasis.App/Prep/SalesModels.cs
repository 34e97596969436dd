using Krasis.Exchange.Prep;

namespace Krasis.App.Prep;

/// <summary>A sales file.</summary>
/// <param name="Text">As text; null for a workbook.</param>
/// <param name="Workbook">As a workbook in base64; null for text.</param>
/// <param name="Columns">Which columns hold what; null as they were the last time, or as their names say.</param>
/// <param name="Names">What the till calls the drinks, as far as it is said now.</param>
/// <param name="LeaveOutBad">Whether rows that cannot be taken are left out.</param>
public sealed record SalesRequest(
    string? Text,
    string? Workbook,
    SalesColumns? Columns,
    IReadOnlyList<NamedDrink?>? Names,
    bool LeaveOutBad
);

/// <summary>What the till calls a drink; without a build it is none of the house's.</summary>
public sealed record NamedDrink(string? Words, string? Build, string? Size);

/// <summary>What was read of a sales file.</summary>
/// <param name="Head">Its head.</param>
/// <param name="Columns">Which columns hold what.</param>
/// <param name="IsRemembered">Whether that is remembered from the last time.</param>
/// <param name="Rows">How many rows it has.</param>
/// <param name="Days">How many days would be taken in.</param>
/// <param name="Cups">How many cups.</param>
/// <param name="TimedCups">How many of them have a time.</param>
/// <param name="Problems">Rows that cannot be taken.</param>
/// <param name="Twins">Rows that say the same as one before, by their place, which are counted once.</param>
/// <param name="Unknown">Drinks that nobody has said what they are.</param>
public sealed record SalesView(
    IReadOnlyList<string> Head,
    SalesColumns Columns,
    bool IsRemembered,
    int Rows,
    int Days,
    double Cups,
    double TimedCups,
    IReadOnlyList<SalesProblem> Problems,
    IReadOnlyList<int> Twins,
    IReadOnlyList<UnknownDrink> Unknown
);

/// <summary>A drink that nobody has said what it is.</summary>
public sealed record UnknownDrink(string Words, double Cups);

/// <summary>What was taken in.</summary>
/// <param name="Days">Of how many days.</param>
/// <param name="Cups">How many cups.</param>
/// <param name="LeftOut">How many rows were left out.</param>
/// <param name="Kept">The days that stay as they were known: more cups were known of them than the good rows
/// have.</param>
/// <param name="Says">Of what more was used than the book of stock had, in sentences, the most the first.</param>
public sealed record SalesImported(
    int Days,
    double Cups,
    int LeftOut,
    IReadOnlyList<DateOnly> Kept,
    IReadOnlyList<string> Says
);
