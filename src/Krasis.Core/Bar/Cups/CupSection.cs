using System.Runtime.CompilerServices;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Cups;

/// <summary>A cup cut through the middle, for drawing to scale.</summary>
/// <param name="TopDiameter">Inner diameter at the brim.</param>
/// <param name="BottomDiameter">Inner diameter at the bottom.</param>
/// <param name="Height">Inner height.</param>
/// <param name="BrimCapacity">Weighed brim capacity.</param>
/// <param name="WorkingHeight">Where the reserve begins, above the bottom.</param>
/// <param name="Graduations">The marks on the edge, from the bottom up.</param>
/// <param name="PrintedLines">The lines printed on the cup.</param>
/// <param name="LidHeight">How high the lid's inside stands above the bottom; null without a lid.</param>
public sealed record CupSection(
    Millimetres TopDiameter,
    Millimetres BottomDiameter,
    Millimetres Height,
    Millilitres BrimCapacity,
    Millimetres WorkingHeight,
    IReadOnlyList<Graduation> Graduations,
    IReadOnlyList<PrintedLine> PrintedLines,
    Millimetres? LidHeight
)
{
    private const int MinorStep = 50;
    private const int MajorStep = 100;

    // A mark that falls on the brim is the brim.
    private const double BrimClearance = 1;

    // A cup is cut for every build that is poured into it, and its marks are the same each time.
    private static readonly ConditionalWeakTable<Cup, IReadOnlyList<Graduation>> Marked = [];

    /// <summary>Cuts a cup.</summary>
    /// <param name="cup">The cup.</param>
    /// <param name="reserve">The height kept free below the brim.</param>
    public static CupSection Of(Cup cup, Millimetres reserve) =>
        new(
            cup.Shape.Top,
            cup.Shape.Bottom,
            cup.Shape.Height,
            cup.BrimCapacity,
            cup.Shape.Height - reserve,
            Marked.GetValue(cup, Mark),
            cup.PrintedLines,
            cup.LidClearance is { } clearance ? cup.Shape.Height + clearance : null
        );

    private static IReadOnlyList<Graduation> Mark(Cup cup)
    {
        var marks = new List<Graduation>();
        for (var ml = MinorStep; ml < cup.BrimCapacity.Value - BrimClearance; ml += MinorStep)
        {
            var volume = Millilitres.From(ml);
            marks.Add(new Graduation(volume, cup.HeightFor(volume), ml % MajorStep == 0));
        }

        return marks;
    }
}
