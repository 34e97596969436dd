using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Cups;

/// <summary>The marks of a card that is cut out and held into a cup, to see millilitres by height.</summary>
/// <param name="Name">What the bar calls the cup.</param>
/// <param name="BrimCapacity">What it holds.</param>
/// <param name="Height">Its inner height, upright.</param>
/// <param name="WallLength">Its inner height, along the slanting wall.</param>
/// <param name="Metric">Marks every 10 ml.</param>
/// <param name="Us">Marks every half US fluid ounce.</param>
/// <param name="Imperial">Marks every half imperial fluid ounce.</param>
/// <param name="PrintedLines">The lines printed on the cup.</param>
public sealed record LineCard(
    string Name,
    Millilitres BrimCapacity,
    Millimetres Height,
    Millimetres WallLength,
    IReadOnlyList<CardMark> Metric,
    IReadOnlyList<CardMark> Us,
    IReadOnlyList<CardMark> Imperial,
    IReadOnlyList<CardMark> PrintedLines
)
{
    /// <summary>The card of a cup.</summary>
    public static LineCard Of(Cup cup)
    {
        var slant = cup.Shape.WallPerHeight;
        return new LineCard(
            cup.Name,
            cup.BrimCapacity,
            cup.Shape.Height,
            cup.Shape.Height * slant,
            Every(10, 50, 1),
            Every(Measure.UsFluidOunce.ToMillilitres(0.5).Value, 2, 0.5),
            Every(Measure.ImperialFluidOunce.ToMillilitres(0.5).Value, 2, 0.5),
            [
                .. cup.PrintedLines.Select(line => new CardMark(
                    line.Label,
                    line.Volume,
                    line.Height,
                    line.Height * slant,
                    true
                )),
            ]
        );

        List<CardMark> Every(double step, int major, double unit)
        {
            var marks = new List<CardMark>();
            for (var i = 1; step * i <= cup.BrimCapacity.Value; i++)
            {
                var ml = Millilitres.From(step * i);
                var height = cup.HeightFor(ml);
                var isMajor = unit < 1 ? i % major == 0 : step * i % major == 0;
                marks.Add(
                    new CardMark(
                        isMajor ? $"{(unit < 1 ? i * unit : step * i):0}" : "",
                        ml,
                        height,
                        height * slant,
                        isMajor
                    )
                );
            }

            return marks;
        }
    }
}
