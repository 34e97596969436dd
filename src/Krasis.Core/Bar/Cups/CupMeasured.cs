using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Cups;

/// <summary>What has been measured of a cup so far.</summary>
/// <param name="BrimCapacity">What it holds, as weighed; null before it is.</param>
/// <param name="GeometricCapacity">What its lengths hold; null before all three are there.</param>
/// <param name="OffGeometry">How far the weighing is from the lengths; null before both are there.</param>
/// <param name="OffLabel">How far the weighing is from the label; null before both are there.</param>
/// <param name="IsLabelWrong">Whether that is more than a label may be off.</param>
/// <param name="HeatLoss">What it loses, each value as measured or as worked out from its lengths and its material;
/// null when neither is known.</param>
/// <param name="Section">The cup cut through the middle, for drawing; null before weighing and lengths agree.</param>
/// <param name="PrintedLines">The lines printed on it, with height and volume.</param>
/// <param name="Says">All of it in sentences.</param>
public sealed record CupMeasured(
    Millilitres? BrimCapacity,
    Millilitres? GeometricCapacity,
    Percent? OffGeometry,
    Percent? OffLabel,
    bool IsLabelWrong,
    HeatLoss? HeatLoss,
    CupSection? Section,
    IReadOnlyList<PrintedLine> PrintedLines,
    IReadOnlyList<string> Says
)
{
    /// <summary>How far a label may be off: a rim and a rounding are worth a few per cent; beyond 5 % the label speaks
    /// of another cup (common practice, no source).</summary>
    public const double LabelTolerance = 0.05;

    /// <summary>What was made up to begin with is so no more once something of it has been measured.</summary>
    public static CupDocument Stamp(CupDocument? before, CupDocument cup, DateOnly today) =>
        before is { Invented: true } && Measurements(before) == Measurements(cup)
            ? cup with
            {
                Invented = true,
            }
            : cup with
            {
                Invented = null,
            };

    /// <summary>Works out what is there so far; what is missing or cannot be is left out, and told when the cup is
    /// read.</summary>
    /// <param name="document">The cup, perhaps half entered.</param>
    /// <param name="reserve">The height that the house keeps free below the brim, for the drawing.</param>
    public static CupMeasured Of(CupDocument document, Millimetres reserve)
    {
        var brim = document is { WaterGrams: > 0 and <= 5000, WaterCelsius: >= 0 and <= 100 }
            ? new BrimWeighing(
                Grams.From(document.WaterGrams.Value),
                Celsius.From(document.WaterCelsius.Value)
            ).Capacity
            : default(Millilitres?);
        var shape = document
            is { TopDiameterMm: > 0 and <= 300, BottomDiameterMm: > 0 and <= 300, HeightMm: > 0 and <= 400 }
            ? new Frustum(
                Millimetres.From(document.TopDiameterMm.Value),
                Millimetres.From(document.BottomDiameterMm.Value),
                Millimetres.From(document.HeightMm.Value)
            )
            : null;
        var cup = CupReader.Read(document with { Id = "cup", Name = "Cup" });
        var label = document.LabelMl is > 0 ? document.LabelMl : null;
        var offGeometry = Off(brim?.Value, shape?.Capacity.Value);
        var offLabel = Off(brim?.Value, label);
        var isWrong = offLabel is { } off && Math.Abs(off.Value) > (LabelTolerance * 100) + 1e-9;
        return new CupMeasured(
            brim,
            shape?.Capacity,
            offGeometry,
            offLabel,
            isWrong,
            cup.IsRead ? cup.Value.HeatLoss : null,
            cup.IsRead
                ? CupSection.Of(cup.Value, Millimetres.From(Math.Min(reserve.Value, cup.Value.Shape.Height.Value / 2)))
                : null,
            cup.IsRead ? cup.Value.PrintedLines : [],
            [.. Sentences(cup.IsRead ? cup.Value : null, offGeometry, shape, label, offLabel, isWrong)]
        );
    }

    private static IEnumerable<string> Sentences(
        Cup? cup,
        Percent? offGeometry,
        Frustum? shape,
        double? label,
        Percent? offLabel,
        bool isWrong
    )
    {
        if (offGeometry is { } far && Math.Abs(far.Value) > CupReader.LargestContradiction * 100)
        {
            yield return $"The lengths hold {Say.Whole(shape!.Capacity.Value)} ml and the water fills {Say.Whole(shape.Capacity.Value * (1 + (far.Value / 100)))} ml. One of them belongs to another cup: which?";
        }
        else if (offGeometry is not null)
        {
            yield return $"The lengths alone give {Say.Whole(shape!.Capacity.Value)} ml; the water is right, and the drawing goes by it.";
        }

        if (cup is { IsWeighed: false })
        {
            yield return $"It has not been weighed: what it holds goes by {(cup.IsShapeKnown ? "its lengths" : "its label")}, which may be off.";
        }

        if (cup is { IsShapeKnown: false })
        {
            yield return "Its lengths have not been measured: it is drawn as many cups are, and heights in mm are a guess.";
        }

        if (offLabel is { } from && label is { } says)
        {
            yield return isWrong
                ? $"The label says {Say.Whole(says)} ml, and it holds {Say.Short(Math.Abs(from.Value))} % {(from.Value < 0 ? "less" : "more")}. Go by the water."
                : $"The label's {Say.Whole(says)} ml is right to within {Say.Short(Math.Max(0.1, Math.Abs(from.Value)))} %.";
        }
    }

    private static Percent? Off(double? measured, double? other) =>
        measured is { } one && other is { } two and > 0 ? Percent.From(((one / two) - 1) * 100) : null;

    private static (double?, double?, double?, double?, double?) Measurements(CupDocument cup) =>
        (cup.TopDiameterMm, cup.BottomDiameterMm, cup.HeightMm, cup.WaterGrams, cup.LabelMl);
}
