namespace Krasis.Core.Changing.Editing;

/// <summary>A cell of a sheet.</summary>
/// <param name="Line">The line's id.</param>
/// <param name="Size">The size's id.</param>
public sealed record CellPlace(string Line, string Size);
