namespace Krasis.Core.Changing.Moving;

/// <summary>One thing that a change of the bar's facts moves in a size of a build.</summary>
/// <param name="What">What moves: the ingredient of a line, or fill, strength, sweetness and the like.</param>
/// <param name="Before">As it was, read out.</param>
/// <param name="After">As it would be, read out.</param>
/// <param name="By">How much that is, read out.</param>
/// <param name="IsPoured">Whether the barista pours something else because of it.</param>
public sealed record Move(string What, string Before, string After, string By, bool IsPoured);
