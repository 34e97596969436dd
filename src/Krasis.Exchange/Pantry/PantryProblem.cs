namespace Krasis.Exchange.Pantry;

/// <summary>Something in a pantry file that cannot be taken.</summary>
/// <param name="Line">The line of the file, from 1.</param>
/// <param name="Column">The column, or in JSON the field; empty when it is about the whole line.</param>
/// <param name="Value">What stands there, shortened; null when nothing does.</param>
/// <param name="Message">What is wrong with it.</param>
/// <param name="Accepted">What would be accepted.</param>
public sealed record PantryProblem(int Line, string Column, string? Value, string Message, string Accepted);
