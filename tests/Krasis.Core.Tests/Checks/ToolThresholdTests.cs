using Krasis.Core.Judging.Checks.Amounts;
using Krasis.Core.Judging.Checks.Order;
using Krasis.Core.Judging.Checks.Room;
using Krasis.Core.Judging.Checks.Tools;
using static Krasis.Core.Tests.Checks.Thresholds;

namespace Krasis.Core.Tests.Checks;

/// <summary>Checks of pumps, cups and layers, just under and just over their thresholds.</summary>
public class ToolThresholdTests
{
    // The house allows a squeeze 10 % more than it is to give, and a spread of 10 %: 9, 10 and 11 g have a standard
    // deviation of 1 g.
    [Theory]
    [InlineData(11.0, null, false)]
    [InlineData(11.01, null, true)]
    [InlineData(null, 1.0, false)]
    [InlineData(null, 1.01, true)]
    public void A_bottle_that_overshoots(double? ml, double? spread, bool isTold)
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Dispensers =
                [
                    .. FullBar.Document.Dispensers,
                    new()
                    {
                        Id = "b",
                        Name = "Bottle",
                        Kind = "bottle",
                        Ingredient = "sauce",
                        StrokeMl = ml,
                        NominalMl = ml is null ? null : 10,
                        StrokesGrams = spread is { } by ? [10 - by, 10, 10 + by] : [],
                    },
                ],
            }
        );
        Told(isTold, new BottleOvershoots().Name, Only(TestBar.Line("sauce", 18, "g"), Thresholds.Espresso), bar);
    }

    // 7.5 ml is 5 % more than 7.142857 ml and 5 % less than 7.894737 ml.
    [Theory]
    [InlineData(7.143, false)]
    [InlineData(7.142, true)]
    [InlineData(7.894, false)]
    [InlineData(7.896, true)]
    public void A_stroke_off_its_nominal(double nominal, bool isTold) =>
        Told(
            isTold,
            new StrokeOffItsNominal().Name,
            Only(TestBar.Line("syrup", 2, "stroke"), Thresholds.Milk),
            FullBar.Read(
                FullBar.Document with
                {
                    Dispensers = [FullBar.Document.Dispensers[0] with { NominalMl = nominal }],
                }
            )
        );

    // 400 ml are 5 % less than 421.05 ml and 5 % more than 380.95 ml.
    [Theory]
    [InlineData(421, false)]
    [InlineData(421.1, true)]
    [InlineData(381, false)]
    [InlineData(380.9, true)]
    public void A_label_that_is_not_the_capacity(double label, bool isTold) =>
        Told(
            isTold,
            new LabelIsNotTheCapacity().Name,
            Only(Thresholds.Milk),
            FullBar.Read(
                FullBar.Document with
                {
                    Cups = [.. FullBar.Document.Cups.Select(cup => cup.Id == "m" ? cup with { LabelMl = label } : cup)],
                }
            )
        );

    // Two strokes are 15 ml: 10 % of the larger apart are 13.5 ml and 16.667 ml.
    [Theory]
    [InlineData("13.51 ml", false)]
    [InlineData("13.49 ml", true)]
    [InlineData("16.66 ml", false)]
    [InlineData("16.67 ml", true)]
    public void A_stated_pair_that_contradicts(string stated, bool isTold) =>
        Told(
            isTold,
            new StatedPairContradicts().Name,
            Only(TestBar.Line("syrup", 2, "stroke") with { Stated = stated }, Thresholds.Milk)
        );

    // Two liquids hold one on the other from a hundredth in density on.
    [Theory]
    [InlineData(1.0399, true)]
    [InlineData(1.0401, false)]
    public void A_layer_that_will_mix(double density, bool isTold) =>
        Told(
            isTold,
            new LayerWillMix().Name,
            Only(
                Thresholds.Ice,
                TestBar.Line("oat", 100, "ml"),
                Thresholds.Milk with
                {
                    Amount = 100,
                    Technique = "float",
                }
            ) with
            {
                Serve = "layered",
            },
            FullBar.With("oat", oat => oat with { DensityGramsPerMl = density })
        );

    // 380 ml of coffee stand 95 mm high in a cup of 4 ml a millimetre, and 30 g of whip of 0.5 g/ml 15 mm on them: the
    // lid is at 110 mm.
    [Theory]
    [InlineData(29.9, false)]
    [InlineData(30.1, true)]
    public void A_top_that_meets_the_lid(double whip, bool isTold) =>
        Told(
            isTold,
            new NoRoomForTheTop().Name,
            Only(TestBar.Line("coffee", 380, "ml"), TestBar.Line("whip", whip, "g")),
            FullBar.Read(
                FullBar.Document with
                {
                    Cups = [.. FullBar.Document.Cups.Select(cup => cup with { LidClearanceMm = 10 })],
                }
            )
        );
}
