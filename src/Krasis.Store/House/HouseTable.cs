namespace Krasis.Store.House;

/// <summary>A table of the file with all that is in it.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Columns">Its columns, in their order.</param>
/// <param name="Rows">Its rows by their key, each a value a column: text, a whole number, a number, or null.</param>
public sealed record HouseTable(
    string Name,
    IReadOnlyList<HouseColumn> Columns,
    IReadOnlyList<IReadOnlyList<object?>> Rows
);

/// <summary>A column of a table.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Type">TEXT, INTEGER or REAL.</param>
/// <param name="IsNullable">Whether it may hold nothing.</param>
/// <param name="IsDocument">Whether its text is a JSON document.</param>
public sealed record HouseColumn(string Name, string Type, bool IsNullable, bool IsDocument);
