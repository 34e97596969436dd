using Krasis.Core.Input;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Ice;

/// <summary>Ice measured in a cup: filled level, weighed, and the pieces counted.</summary>
public sealed record IceMeasuring
{
    /// <summary>What the cup holds, ml.</summary>
    public double? CupMl { get; init; }

    /// <summary>Ice that fills it level, g.</summary>
    public double? FillGrams { get; init; }

    /// <summary>Pieces weighed together, g.</summary>
    public double? PiecesGrams { get; init; }

    /// <summary>How many pieces those were.</summary>
    public double? Pieces { get; init; }

    /// <summary>What the readings say; each by itself, so that one of them is enough.</summary>
    /// <remarks>The solid fraction of a heap is mass ÷ (0.9167 g/ml · volume).</remarks>
    public Reading<IceMeasured> Work()
    {
        var fields = new FieldReader();
        Percent? solid = null;
        Grams? piece = null;
        if (FillGrams is not null)
        {
            var cup = fields.Number("cupMl", CupMl, 30, 5000, "ml");
            var fill = fields.Number("fillGrams", FillGrams, 5, 5000, "g");
            var share = fill / (IceFacts.Density.Value * cup) * 100;
            if (fields.Problems.Count == 0 && share is < 30 or > 80)
            {
                fields.Report(
                    "fillGrams",
                    $"{fill:0.#}",
                    $"{fill:0.#} g of ice in {cup:0} ml would be {share:0} % ice, and no heap is.",
                    $"{IceFacts.Density.Value * cup * 0.3:0} to {IceFacts.Density.Value * cup * 0.8:0} g, which is 30 to 80 %"
                );
            }

            solid = Percent.From(share);
        }

        if (PiecesGrams is not null || Pieces is not null)
        {
            var grams = fields.Number("piecesGrams", PiecesGrams, 0.5, 5000, "g");
            var count = fields.Whole("pieces", Pieces, 1, 500, "pieces");
            piece = Grams.From(grams / count);
        }

        return fields.Finish(() => new IceMeasured(solid, piece));
    }
}
