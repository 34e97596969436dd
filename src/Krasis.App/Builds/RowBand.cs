namespace Krasis.App.Builds;

/// <summary>A band of one colour in a small drawing.</summary>
/// <param name="Colour">Its colour, as #rrggbb.</param>
/// <param name="From">Where it begins, mm above the inside of the bottom.</param>
/// <param name="To">Where it ends.</param>
public sealed record RowBand(string Colour, double From, double To);
