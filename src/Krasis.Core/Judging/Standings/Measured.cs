using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Standings;

/// <summary>What of a cup is compared when one way of pouring it is held against another.</summary>
/// <param name="Strength">Coffee solids as a share of the drink as poured; NaN when not known.</param>
/// <param name="Sweetness">Sweetness as a share of it; NaN when not known.</param>
/// <param name="Fullness">How much of the working volume is taken up, as a share.</param>
/// <param name="Ice">Grams of ice to a millilitre of the working volume.</param>
internal readonly record struct Measured(double Strength, double Sweetness, double Fullness, double Ice)
{
    /// <summary>Measures a cup.</summary>
    /// <param name="content">All that is in it.</param>
    /// <param name="working">Its working volume, ml; above zero.</param>
    public static Measured Of(in Tally content, double working) =>
        new(content.Strength, content.Sweetness, content.Occupied / working, content.IceMass / working);

    /// <summary>Measures a size of a sheet.</summary>
    public static Measured Of(SizeSheet size) =>
        new(
            size.Taste.Poured.Strength?.Value / 100 ?? double.NaN,
            size.Taste.Poured.Sweetness?.Value / 100 ?? double.NaN,
            size.Fill.OccupiedVolume / size.Fill.WorkingVolume,
            size.Fill.IceMass.Value / size.Fill.WorkingVolume.Value
        );
}
