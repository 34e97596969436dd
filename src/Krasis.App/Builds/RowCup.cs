using Krasis.Core.Bar.Cups;
using Krasis.Core.Working.Drawing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.App.Builds;

/// <summary>A small drawing of a cup as it is handed over. Lengths in mm to a tenth: a row is a few millimetres
/// high.</summary>
/// <param name="Top">Inner width at the brim.</param>
/// <param name="Bottom">Inner width at the bottom.</param>
/// <param name="Height">Inner height.</param>
/// <param name="Layers">The liquids, the foam and what stands on top, from the bottom up.</param>
/// <param name="Ice">The ice; null without.</param>
/// <param name="IsOver">Whether it runs over.</param>
public sealed record RowCup(
    double Top,
    double Bottom,
    double Height,
    IReadOnlyList<RowBand> Layers,
    RowBand? Ice,
    bool IsOver
)
{
    /// <summary>The drawing of a size.</summary>
    public static RowCup Of(SizeSheet size) =>
        Of(size.Cup, size.Life.Moments.Count > 0 ? size.Life.Moments[0].Drawing : size.Drawing.Poured, size.Fill);

    /// <summary>The drawing of a cup with something in it.</summary>
    public static RowCup Of(CupSection cup, CupDrawing drawing, SizeFill fill) =>
        new(
            Tenth(cup.TopDiameter.Value),
            Tenth(cup.BottomDiameter.Value),
            Tenth(cup.Height.Value),
            [
                .. drawing
                    .Layers.Append(drawing.Foam)
                    .Append(drawing.Top)
                    .OfType<Layer>()
                    .Select(layer => new RowBand(layer.Colour, Tenth(layer.From.Value), Tenth(layer.To.Value))),
            ],
            drawing.Ice is { } ice ? new RowBand(ice.Colour, Tenth(ice.From.Value), Tenth(ice.To.Value)) : null,
            fill.Spilt.Value > 0
        );

    private static double Tenth(double mm) => Math.Round(mm, 1);
}
