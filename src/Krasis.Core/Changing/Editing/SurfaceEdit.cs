namespace Krasis.Core.Changing.Editing;

/// <summary>How high a drink is to stand by one of its lines.</summary>
/// <param name="Line">The line's id.</param>
/// <param name="Size">The size's id.</param>
/// <param name="Mm">How high, mm above the inside of the bottom.</param>
public sealed record SurfaceEdit(string Line, string Size, double Mm);
