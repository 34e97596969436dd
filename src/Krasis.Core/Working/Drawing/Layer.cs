using Krasis.Core.Builds.Lines;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Drawing;

/// <summary>A liquid in the cup, drawn by itself in pour order.</summary>
/// <param name="Line">The line that it comes from.</param>
/// <param name="Colour">Its colour, as <c>#rrggbb</c>.</param>
/// <param name="From">Where it begins above the cup's bottom.</param>
/// <param name="To">Where it ends; at most the cup's height.</param>
/// <param name="MixesAbove">Whether it mixes with the liquid above it, so that the edge between them is soft.</param>
public sealed record Layer(LineId Line, string Colour, Millimetres From, Millimetres To, bool MixesAbove = false);
