using System.Globalization;
using Krasis.Core.Input;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Cups;

/// <summary>Reads cups.</summary>
public static class CupReader
{
    // A rule in a paper cup is good to a few per cent; a third off means that one of the numbers belongs to
    // another cup (common practice, no source).
    internal const double LargestContradiction = 0.30;

    // Where nobody has measured the lengths, a cup is taken to be shaped as many paper cups are, 80 mm at the brim, 55
    // at the bottom and 100 high (common practice, no source), and as large as it holds.
    private static readonly Frustum Usual = new(Millimetres.From(80), Millimetres.From(55), Millimetres.From(100));

    /// <summary>Reads one cup.</summary>
    /// <param name="document">The document.</param>
    /// <param name="path">Where it stands, for the problems' fields; empty when it stands alone.</param>
    public static Reading<Cup> Read(CupDocument document, string path = "")
    {
        var fields = new FieldReader(path);
        var id = fields.Id("id", document.Id);
        var name = fields.Name("name", document.Name);
        var size = ReadSize(document, fields);
        var lid = fields.Optional("lidClearanceMm", document.LidClearanceMm, -50, 100, "mm");
        var loss = ReadLoss(document, fields);
        var empty = fields.Optional("emptyGrams", document.EmptyGrams, 1, 3000, "g");
        var warmed = fields.Optional("warmedCelsius", document.WarmedCelsius, 0, 90, "°C");
        var material = fields.OptionalWord<CupMaterial>("material", document.Material);
        var stations = document.Stations.Select((station, i) => fields.Id($"stations[{i}]", station)).ToList();
        var price = fields.Optional("price", document.Price, 0, 1000, "");
        var lidPrice = fields.Optional("lidPrice", document.LidPrice, 0, 1000, "");
        if (fields.Problems.Count > 0)
        {
            return Reading<Cup>.Failed(fields.Problems);
        }

        var shape = size.Shape;
        var cup = new Cup(new CupId(id), name, shape, size.Weighing)
        {
            IsWeighed = size.Weighed is not null,
            IsShapeKnown = size.Lengths is not null,
            Label = size.Label,
            LidClearance = lid is { } mm ? Millimetres.From(mm) : null,
            Material = material,
            HeatLoss = LossOf(shape, material, loss.Open, loss.Lidded, loss.Cold),
            HeatCapacity = CapacityOf(shape, material, empty),
            WarmedTo = warmed is { } celsius ? Celsius.From(celsius) : null,
            Stations = stations,
            Price = price is { } cost ? Money.From(cost + (lidPrice ?? 0)) : null,
        };
        cup = cup with { PrintedLines = ReadLines(document, cup, fields) };
        CheckAgainstEachOther(cup, lid, size, fields);
        return fields.Finish(() => cup);
    }

    // One measurement is enough to begin with: the water it holds, what its label says, or its three lengths. What is
    // missing is taken from that, and said to be.
    private static SizeRead ReadSize(CupDocument document, FieldReader fields)
    {
        var isShapeKnown =
            document.TopDiameterMm is not null
            || document.BottomDiameterMm is not null
            || document.HeightMm is not null;
        var isWeighed = document.WaterGrams is not null;
        var label = fields.Optional("labelMl", document.LabelMl, 10, 5000, "ml");
        var top = isShapeKnown ? fields.Number("topDiameterMm", document.TopDiameterMm, 20, 300, "mm") : 0;
        var bottom = isShapeKnown ? fields.Number("bottomDiameterMm", document.BottomDiameterMm, 10, 300, "mm") : 0;
        var height = isShapeKnown ? fields.Number("heightMm", document.HeightMm, 20, 400, "mm") : 0;
        var water = isWeighed ? fields.Number("waterGrams", document.WaterGrams, 10, 5000, "g") : 0;
        var temperature = isWeighed
            ? fields.Number(
                "waterCelsius",
                document.WaterCelsius,
                WaterDensity.Coldest.Value,
                WaterDensity.Hottest.Value,
                "°C"
            )
            : BrimWeighing.Unweighed.Value;
        if (!isShapeKnown && !isWeighed && document.LabelMl is null)
        {
            fields.Report(
                "waterGrams",
                null,
                "Nothing of the cup is measured yet.",
                "the grams of water it holds to the brim; or what its label says in ml, or its two diameters and its height"
            );
        }

        return fields.Problems.Count > 0
            ? default
            : new SizeRead(
                isShapeKnown
                    ? new Frustum(Millimetres.From(top), Millimetres.From(bottom), Millimetres.From(height))
                    : null,
                isWeighed ? new BrimWeighing(Grams.From(water), Celsius.From(temperature)) : null,
                label is { } ml ? Millilitres.From(ml) : null
            );
    }

    // 0.2 to 1 W/K is what cups of this size lose; a thermos loses a tenth (common practice, no source).
    private static (double? Open, double? Lidded, double? Cold) ReadLoss(CupDocument document, FieldReader fields)
    {
        var loss = Watts("heatLossWattsPerKelvin", document.HeatLossWattsPerKelvin);
        var open = Watts("hotOpenWattsPerKelvin", document.HotOpenWattsPerKelvin);
        var lidded = Watts("hotLiddedWattsPerKelvin", document.HotLiddedWattsPerKelvin);
        var cold = Watts("coldWattsPerKelvin", document.ColdWattsPerKelvin);
        if (open is { } bare && lidded is { } covered && covered > bare)
        {
            fields.Report(
                "hotLiddedWattsPerKelvin",
                covered.ToString(CultureInfo.InvariantCulture),
                $"Under a lid it would lose {covered:0.##} W/K, more than the {bare:0.##} W/K without one.",
                $"at most {bare:0.##} W/K"
            );
        }

        return (open ?? loss, lidded ?? loss, cold ?? loss);

        double? Watts(string field, double? value) => fields.Optional(field, value, 0.01, 10, "W/K");
    }

    private static void CheckAgainstEachOther(Cup cup, double? lid, SizeRead size, FieldReader fields)
    {
        var height = cup.Shape.Height.Value;
        if (lid is { } inside && inside <= -height)
        {
            fields.Report(
                "lidClearanceMm",
                inside.ToString(CultureInfo.InvariantCulture),
                $"A lid that reaches {-inside:0.#} mm into a cup of {height:0.#} mm leaves no room for a drink.",
                $"more than -{height:0.#} mm"
            );
        }

        if (
            size is { Weighed: { } weighed, Lengths: { } lengths }
            && Math.Abs((cup.BrimCapacity / lengths.Capacity) - 1) > LargestContradiction
        )
        {
            fields.Report(
                "waterGrams",
                weighed.Water.Value.ToString(CultureInfo.InvariantCulture),
                $"The water weighed fills {cup.BrimCapacity.Value:0} ml, but the diameters and the height hold {lengths.Capacity.Value:0} ml.",
                $"a weighing and lengths that agree within {LargestContradiction * 100:0} %"
            );
        }
    }

    // Each that was measured, and the others as worked out; where the material is not said, only what was measured.
    private static HeatLoss? LossOf(Frustum shape, CupMaterial? material, double? open, double? lidded, double? cold)
    {
        if (material is not { } of)
        {
            return (open ?? lidded ?? cold) is { } any
                ? new HeatLoss(
                    WattsPerKelvin.From(open ?? any),
                    WattsPerKelvin.From(lidded ?? any),
                    WattsPerKelvin.From(cold ?? any)
                )
                : null;
        }

        var worked = HeatLoss.Of(shape, of);
        return new HeatLoss(Or(open, worked.HotOpen), Or(lidded, worked.HotLidded), Or(cold, worked.Cold));

        static WattsPerKelvin Or(double? measured, WattsPerKelvin usual) =>
            measured is { } watts ? WattsPerKelvin.From(watts) : usual;
    }

    private static double? CapacityOf(Frustum shape, CupMaterial? material, double? empty) =>
        material is { } of
            ? (empty ?? (shape.WallArea * CupMaterials.GramsPerSquareMillimetre(of)))
                * CupMaterials.SpecificHeat(of)
                * CupMaterials.SharesHeat(of)
            : null;

    private static List<PrintedLine> ReadLines(CupDocument document, Cup cup, FieldReader fields) =>
        [
            .. fields
                .Each("printedLines", document.PrintedLines, 20, (line, path, _) =>
                {
                    var label = fields.Name($"{path}.label", line.Label);
                    if (line.HeightMm is null && line.Ml is not null)
                    {
                        var volume = Millilitres.From(
                            fields.Number($"{path}.ml", line.Ml, 1, cup.BrimCapacity.Value, "ml")
                        );
                        return new PrintedLine(label, cup.HeightFor(volume), volume);
                    }

                    var height = Millimetres.From(
                        fields.Number($"{path}.heightMm", line.HeightMm, 1, cup.Shape.Height.Value, "mm")
                    );
                    return new PrintedLine(label, height, cup.VolumeTo(height));
                })
                .OrderBy(line => line.Height),
        ];

    // How large a cup is, by whichever of the three was measured; at least one was.
    private readonly record struct SizeRead(Frustum? Lengths, BrimWeighing? Weighed, Millilitres? Label)
    {
        public Frustum Shape => Lengths ?? Usual.Holding(Weighed?.Capacity ?? Label!.Value);

        public BrimWeighing Weighing => Weighed ?? BrimWeighing.Of(Lengths?.Capacity ?? Label!.Value);
    }
}
