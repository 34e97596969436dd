using Krasis.Core.Builds.Lines;

namespace Krasis.Core.Working.Drawing;

/// <summary>A finish that is drawn on the cup or on the drink.</summary>
/// <param name="Line">The line that it comes from.</param>
/// <param name="Colour">Its colour, as <c>#rrggbb</c>.</param>
/// <param name="Place">Where it is put.</param>
public sealed record Trim(LineId Line, string Colour, TrimPlace Place);
