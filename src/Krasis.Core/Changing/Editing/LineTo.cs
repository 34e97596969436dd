namespace Krasis.Core.Changing.Editing;

/// <summary>A line, and what becomes of it.</summary>
/// <param name="Line">The line's id.</param>
/// <param name="To">To what: the code of a measure, the id of an ingredient, or of the line before which it is to go;
/// null for the end.</param>
public sealed record LineTo(string Line, string? To);
