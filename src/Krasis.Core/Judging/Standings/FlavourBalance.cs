using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Standings;

/// <summary>How two or more flavours of a drink stand to one another in a size, beside how they do in the reference
/// size: three strokes of orange to one of nut is another drink than two to two.</summary>
internal static class FlavourBalance
{
    /// <summary>How far the flavours may be off, in percent: half as much again of one to another. Whole strokes seldom
    /// keep two flavours nearer (common practice, no source).</summary>
    public const double Allowed = 50;

    // Where one of them is left out.
    private const double OneIsMissing = 1000;

    /// <summary>Whether a line flavours the drink.</summary>
    public static bool IsFlavour(WorkedLine line) =>
        line.IsInside && line.Ingredient.Kind is IngredientKind.Syrup or IngredientKind.Sauce or IngredientKind.Powder;

    /// <summary>By how much more the flavour of which there is the most is there than the one of which there is the
    /// least, each beside the reference size, in percent; 0 where there are fewer than two.</summary>
    /// <param name="reference">The reference size.</param>
    /// <param name="own">The size.</param>
    /// <param name="amounts">How much of each line is poured, in the line's measure.</param>
    public static double Off(WorkedSize reference, WorkedSize own, double[] amounts) =>
        Off(In(reference, own), amounts);

    /// <summary>The same for those who ask thousands of times of one size.</summary>
    public static double Off(Flavour[] flavours, double[] amounts)
    {
        if (flavours.Length < 2)
        {
            return 0;
        }

        double least = double.PositiveInfinity,
            most = 0;
        foreach (var (line, wanted) in flavours)
        {
            var share = line.Facts.Mass(amounts[line.Index], line.Stretch) / wanted;
            (least, most) = (Math.Min(least, share), Math.Max(most, share));
        }

        return most <= 0 ? 0
            : least <= 0 ? OneIsMissing
            : ((most / least) - 1) * 100;
    }

    /// <summary>The flavours of a size that the reference size has too.</summary>
    /// <param name="reference">The reference size.</param>
    /// <param name="own">The size.</param>
    public static Flavour[] In(WorkedSize reference, WorkedSize own) =>
        [
            .. own
                .Lines.Where(line => IsFlavour(line) && reference.Lines[line.Index].Mass > 0)
                .Select(line => new Flavour(line, reference.Lines[line.Index].Mass)),
        ];

    /// <summary>A flavour of a size.</summary>
    /// <param name="Line">Its line.</param>
    /// <param name="Wanted">How much of it is in the reference size, g.</param>
    internal readonly record struct Flavour(WorkedLine Line, double Wanted);
}
