namespace Krasis.Core.Changing.Editing;

/// <summary>What was typed into a cell.</summary>
/// <param name="Line">The line's id.</param>
/// <param name="Size">The size's id.</param>
/// <param name="Text">What was typed, such as <c>180</c>, <c>2 pumps = 15 ml</c>, <c>half</c> or <c>to the milk
/// line</c>.</param>
public sealed record TypedCell(string Line = "", string Size = "", string Text = "");
