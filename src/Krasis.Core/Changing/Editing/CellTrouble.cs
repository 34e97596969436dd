namespace Krasis.Core.Changing.Editing;

/// <summary>Why what was typed into a cell is not taken.</summary>
/// <param name="Line">The line's id.</param>
/// <param name="Size">The size's id.</param>
/// <param name="Text">What was typed.</param>
/// <param name="Message">What is wrong with it, and what would be accepted.</param>
public sealed record CellTrouble(string Line, string Size, string Text, string Message);
