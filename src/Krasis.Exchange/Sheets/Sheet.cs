namespace Krasis.Exchange.Sheets;

/// <summary>A table that goes out of the house.</summary>
/// <param name="Name">What it is called, in files and addresses: small letters and dashes.</param>
/// <param name="Head">What its columns are called, each once.</param>
/// <param name="Rows">Its rows, as many cells each: text, numbers, yes or no, or nothing.</param>
public sealed record Sheet(string Name, IReadOnlyList<string> Head, IReadOnlyList<IReadOnlyList<object?>> Rows);
