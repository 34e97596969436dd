using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Ingredients;
using Krasis.Core.Measures;
using Krasis.Core.Mixing;

namespace Krasis.Core.Checks;

/// <summary>More goes into a size than its cup holds below the reserve: a warning up to the brim, a fault beyond.</summary>
public sealed class Overfull : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "overfull";

    // A hair's breadth of arithmetic is not an overfull cup.
    private const double Tolerance = 1e-6;

    // What a bartender would hold back first: the plain liquid that fills the cup, then the ice. Espresso and flavour
    // are the drink, and are left alone.
    private static readonly IngredientKind[] HeldBackFirst =
        [IngredientKind.Milk, IngredientKind.Water, IngredientKind.Coffee, IngredientKind.Ice];

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(SizeSheet size, BarFacts bar)
    {
        if (size.RoomLeft.Value >= -Tolerance)
        {
            yield break;
        }

        var spills = size.Spilt.Value > Tolerance;
        var cuts = TakeOut(size, bar);
        var advice = cuts.Count == 0
            ? "Use a larger cup, or less of the rest."
            : $"Take out {string.Join(" and ", cuts.Select(Say))}.";
        var what = spills
            ? $"{size.Name} runs over: {Ml(size.OccupiedVolume)} in a cup of {Ml(size.Cup.BrimCapacity)} spills {Ml(size.Spilt)}, and is {Ml(OverBy(size))} more than fits below the reserve."
            : $"{size.Name} is overfull by {Ml(OverBy(size))}: {Ml(size.OccupiedVolume)} reaches into the reserve above {Ml(size.WorkingVolume)}.";
        yield return new Finding(
            Name,
            spills ? Severity.Fault : Severity.Warning,
            size.Size,
            null,
            $"{what} {advice}",
            cuts.Count == 0 ? null : new Mend($"Take out {string.Join(" and ", cuts.Select(Say))}", [.. cuts.Select(cut => new CellEdit(cut.Line.Line, size.Size, cut.Left))]));
    }

    private static Millilitres OverBy(SizeSheet size) => size.OccupiedVolume - size.WorkingVolume;

    private static List<Cut> TakeOut(SizeSheet size, BarFacts bar)
    {
        var amounts = size.Lines.Select(line => line.Amount).ToArray();
        var candidates = size.Lines
            .Select((line, index) => (Line: line, Index: index, Rank: Array.IndexOf(HeldBackFirst, bar.Find(line.Ingredient)!.Kind)))
            .Where(candidate => candidate.Rank >= 0 && candidate.Line.Amount > 0)
            .OrderBy(candidate => candidate.Rank == HeldBackFirst.Length - 1)
            .ThenByDescending(candidate => candidate.Line.Volume);

        var cuts = new List<Cut>();
        foreach (var (line, index, _) in candidates)
        {
            amounts[index] = MostThatFits(line, index);
            cuts.Add(new Cut(line, amounts[index]));
            if (Fits())
            {
                return cuts;
            }
        }

        return [];

        // Less of a line never takes up more room, so the largest number of whole steps that fits is found by halving.
        double MostThatFits(SheetLine line, int index)
        {
            int none = 0, tooMany = (int)Math.Ceiling((line.Amount / line.Step) - Tolerance);
            while (tooMany - none > 1)
            {
                var middle = (none + tooMany) / 2;
                amounts[index] = middle * line.Step;
                (none, tooMany) = Fits() ? (middle, tooMany) : (none, middle);
            }

            return none * line.Step;
        }

        bool Fits()
        {
            var portions = size.Lines.Select((line, index) =>
                new Portion(bar.Find(line.Ingredient)!, Dosing.Mass(new Quantity(amounts[index], Measure.Find(line.Measure)!), bar.Find(line.Ingredient)!, bar)));
            return CupContent.Of(portions).OccupiedVolume.Value <= size.WorkingVolume.Value + Tolerance;
        }
    }

    private static string Say(Cut cut) =>
        $"{new Quantity(cut.Line.Amount - cut.Left, Measure.Find(cut.Line.Measure)!)} of {cut.Line.IngredientName}";

    // Rounded up: a message that says "0 ml too much" helps nobody.
    private static string Ml(Millilitres volume) =>
        $"{Math.Max(1, Math.Round(volume.Value)).ToString(CultureInfo.InvariantCulture)} ml";

    private sealed record Cut(SheetLine Line, double Left);
}
