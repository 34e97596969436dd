namespace Krasis.App.Shared;

/// <summary>One field that was not accepted.</summary>
/// <param name="Field">Where, as a path into what was sent: <c>lines[2].amount</c>.</param>
/// <param name="Value">What was given there, shortened; null when nothing was.</param>
/// <param name="Message">What is wrong with it.</param>
/// <param name="Accepted">What would be accepted.</param>
public sealed record FieldProblem(string Field, string? Value, string Message, string Accepted);
