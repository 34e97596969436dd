namespace Krasis.Exchange.Prep;

/// <summary>One row of a sales file.</summary>
/// <param name="Line">Its place in the file.</param>
/// <param name="Day">The day.</param>
/// <param name="Drink">What the till calls the drink.</param>
/// <param name="Size">The size, as it stands there; empty where there is no such column.</param>
/// <param name="Station">The station, likewise.</param>
/// <param name="Cups">How many were sold.</param>
/// <param name="Minute">The minute of the day by the clock on the wall, 0 to 1439; null if the row has no time.</param>
public sealed record SalesRow(
    int Line,
    DateOnly Day,
    string Drink,
    string Size,
    string Station,
    double Cups,
    int? Minute
);

/// <summary>A row that cannot be taken.</summary>
/// <param name="Line">Its place in the file.</param>
/// <param name="Column">The column's name.</param>
/// <param name="Value">What stands there.</param>
/// <param name="Message">What is wrong with it.</param>
/// <param name="Accepted">What would be accepted.</param>
public sealed record SalesProblem(int Line, string Column, string Value, string Message, string Accepted);

/// <summary>What was read of a sales file.</summary>
/// <param name="Rows">The rows that can be taken.</param>
/// <param name="Problems">The others.</param>
/// <param name="Twins">Rows that say the same as one before, which are left out.</param>
public sealed record SalesRead(
    IReadOnlyList<SalesRow> Rows,
    IReadOnlyList<SalesProblem> Problems,
    IReadOnlyList<int> Twins
);
