using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Drawing;

/// <summary>The ice, from its foot to its head.</summary>
/// <param name="From">The lowest that the ice reaches, above the cup's bottom.</param>
/// <param name="To">The highest; above the brim where the heap stands out of the cup.</param>
/// <param name="PieceSide">The side of a cube of the mean piece's mass.</param>
/// <param name="Pieces">How many such pieces there are; not always a whole number.</param>
/// <param name="Colour">Its colour, as <c>#rrggbb</c>.</param>
public sealed record IceBand(Millimetres From, Millimetres To, Millimetres PieceSide, double Pieces, string Colour);
