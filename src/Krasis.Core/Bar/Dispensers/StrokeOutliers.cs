using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Dispensers;

/// <summary>Finds the strokes that are not like the others.</summary>
public static class StrokeOutliers
{
    // A pump that coughs gives half a stroke; three times more or less than the middle one is a slip of the scale, of
    // the point, or of the hand (common practice, no source).
    private const double Impossible = 3;

    // B. Iglewicz and D. C. Hoaglin, How to Detect and Handle Outliers (ASQC 1993): a modified z-score above 3.5, where
    // the score is 0.6745 · |x − median| ÷ MAD (from memory).
    private const double Score = 3.5;
    private const double MadToDeviation = 0.6745;

    // Kitchen scales show tenths: nearer than that strokes are the same.
    private const double Resolution = 0.1;

    /// <summary>The strokes that stand apart.</summary>
    /// <param name="strokes">The strokes, g; three at least, or none stands apart.</param>
    /// <returns>Each with its place, from 0, in order.</returns>
    public static IReadOnlyList<OddStroke> Find(IReadOnlyList<double> strokes)
    {
        if (strokes.Count < 3)
        {
            return [];
        }

        var middle = Median(strokes);
        var spread = Math.Max(Median([.. strokes.Select(stroke => Math.Abs(stroke - middle))]), Resolution);
        var odd = new List<OddStroke>();
        for (var i = 0; i < strokes.Count; i++)
        {
            var isImpossible = strokes[i] > middle * Impossible || strokes[i] < middle / Impossible;
            if (isImpossible || MadToDeviation * Math.Abs(strokes[i] - middle) / spread > Score)
            {
                odd.Add(new OddStroke(i, strokes[i], isImpossible, Message(i, strokes[i], middle, isImpossible)));
            }
        }

        return odd;
    }

    /// <summary>Refuses strokes that cannot be the same pump's, under fields such as <c>strokesGrams[6]</c>.</summary>
    internal static void Refuse(IReadOnlyList<double> strokes, FieldReader fields)
    {
        foreach (var odd in Find(strokes).Where(odd => odd.IsRefused))
        {
            fields.Report(
                $"strokesGrams[{odd.Index}]",
                Say.Fine(odd.Grams),
                odd.Says,
                "a stroke weighed again, or this one left out"
            );
        }
    }

    private static string Message(int index, double grams, double middle, bool isImpossible)
    {
        var stroke = $"Stroke {index + 1} weighs {Say.Fine(grams)} g";
        var ratio = grams >= middle ? grams / middle : middle / grams;
        return isImpossible
            ? $"{stroke}, {(grams >= middle ? $"{Say.Fine(ratio)} times" : $"1/{Say.Fine(ratio)} of")} the middle one of {Say.Fine(middle)} g: that is not one stroke of this pump."
            : $"{stroke}, {(grams >= middle ? "more" : "less")} than the others of about {Say.Fine(middle)} g. {(index == 0 ? "Was the pump primed?" : "Weigh it again, or leave it out.")}";
    }

    private static double Median(IReadOnlyList<double> values)
    {
        var ordered = values.Order().ToList();
        var half = ordered.Count / 2;
        return ordered.Count % 2 == 1 ? ordered[half] : (ordered[half - 1] + ordered[half]) / 2;
    }
}
