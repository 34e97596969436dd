using System.Globalization;
using Krasis.Tasting.Choosing;
using Krasis.Tasting.Documents;
using Krasis.Tasting.JustRight;
using Krasis.Tasting.Ranking;

namespace Krasis.Tasting.Reading;

/// <summary>Results in plain words, each with how many it rests on.</summary>
internal static class ResultWords
{
    /// <summary>What a scale's answers mean, such as <c>9 of 12 found it too sweet; that costs 1.4 points of liking;
    /// act on it.</c></summary>
    public static string Scale(JarScale scale, ScaleReading reading)
    {
        var (word, other) = reading.IsMore ? (scale.TooMuch, scale.TooLittle) : (scale.TooLittle, scale.TooMuch);
        var (side, rest) = (reading.Heavier, reading.IsMore ? reading.Less : reading.More);
        var found = $"{side.Count} of {reading.Tasters} found it {word}";
        var cost = side.Drop switch
        {
            null when reading.Right < ScaleReading.LeastRight && side.Count > 0 =>
                $"{(reading.Right == 0 ? "nobody" : $"only {reading.Right}")} found it right, so what it costs cannot be told",
            null => "what it costs in liking was not said",
            <= 0 => "they like it no less",
            { } drop =>
                $"that costs {Points(drop)} of liking{(side.DropChance > ForcedChoice.UsualLevel ? ", which may be chance" : "")}",
        };
        return reading.Verdict switch
        {
            _ when reading.Tasters == 0 => "Nobody has answered.",
            ScaleVerdict.TooFew =>
                $"{reading.Right} of {reading.Tasters} found it right. Fewer than {ScaleReading.LeastTasters} tasters: no more is said.",
            ScaleVerdict.Act => $"{found}; {cost}; act on it.",
            ScaleVerdict.Divided =>
                $"{found}, {rest.Count} {other}: tasters are divided, and no one change pleases all.",
            ScaleVerdict.Unsure =>
                $"{found}, {rest.Count} {other}: that may be chance. Ask more tasters before you change anything.",
            _ when side.Count == 0 => $"All {reading.Tasters} found it right.",
            _ when side.Share >= ScaleReading.LeastShare => $"{found}, but {cost}: leave it.",
            _ => $"{reading.Right} of {reading.Tasters} found it right: leave it.",
        };
    }

    /// <summary>What an order means.</summary>
    public static IReadOnlyList<string> Order(
        bool isRanked,
        IReadOnlyList<string> names,
        int tasters,
        Friedman test,
        IReadOnlyList<RankedPair> pairs
    )
    {
        var people = tasters == 1 ? "1 taster" : $"{tasters} tasters";
        if (test.Probability > ForcedChoice.UsualLevel)
        {
            return
            [
                $"{people} do not agree on which is {(isRanked ? "best" : "liked more")} (chance alone: {Chance(test.Probability)}). That does not say they are all as good.",
            ];
        }

        var says = new List<string> { $"{people} agree more than chance would have it ({Chance(test.Probability)})." };
        var differ = pairs.Where(pair => pair.Probability <= ForcedChoice.UsualLevel).ToList();
        says.AddRange(
            differ.Select(pair =>
                $"{names[pair.Difference > 0 ? pair.First : pair.Second]} is liked better than {names[pair.Difference > 0 ? pair.Second : pair.First]} ({Chance(pair.Probability)})."
            )
        );
        if (differ.Count < pairs.Count)
        {
            says.Add(
                differ.Count == 0
                    ? "Which two differ cannot be said of so few."
                    : $"The other {(pairs.Count - differ.Count == 1 ? "pair" : $"{pairs.Count - differ.Count} pairs")} cannot be told from chance."
            );
        }

        if (pairs.Count > 1)
        {
            says.Add($"{pairs.Count} pairs are held to 1 in 20 together.");
        }

        return says;
    }

    /// <summary>What a choice means.</summary>
    public static IReadOnlyList<string> Choice(
        ChoiceMethod method,
        IReadOnlyList<string> names,
        int tasters,
        int right,
        int? least,
        double chance,
        bool isResult,
        (double? Low, double? High) tell,
        double? found
    )
    {
        if (tasters == 0)
        {
            return ["Nobody has chosen yet."];
        }

        if (least is null)
        {
            return
            [
                $"{right} of {tasters}. {(tasters == 1 ? "One taster" : $"So few as {tasters} tasters")} cannot give a result, whatever they say.",
            ];
        }

        var says = new List<string>();
        if (method.IsTwoSided)
        {
            var (more, first) = (Math.Max(right, tasters - right), right * 2 >= tasters);
            says.Add(
                isResult
                    ? $"{more} of {tasters} like {names[first ? 0 : 1]} better; by guessing so one-sided a count comes up {Chance(chance)}."
                    : $"{right} of {tasters} like {names[0]} better, {tasters - right} {names[1]}: that may be chance ({Chance(chance)}). It does not say they are liked alike."
            );
        }
        else
        {
            says.Add(
                isResult
                    ? $"They can be told apart: {right} of {tasters} were right; by guessing so many come up {Chance(chance)}."
                    : $"{tasters} tasters cannot tell this apart: {right} were right, and {least} would have had to be. That does not say they are the same."
            );
            says.Add(
                isResult
                    ? $"Between {Share(tell.Low!.Value)} and {Share(tell.High!.Value)} of your tasters can really tell (95 % sure)."
                    : $"As many as {Share(tell.High!.Value)} may be able to tell all the same (95 % sure)."
            );
        }

        if (!isResult)
        {
            says.Add(
                found is { } share
                    ? $"So many tasters would have shown it in 4 of 5 such tastings if {Share(share)} {(method.IsTwoSided ? "liked the one better" : "could tell")}."
                    : "So few tasters would hardly have shown anything."
            );
        }

        return says;
    }

    /// <summary>A chance in words: <c>1 in 40</c>, <c>5.2 in 100</c>, <c>less than 1 in 1000</c>.</summary>
    public static string Chance(double probability) =>
        probability switch
        {
            < 0.001 => "less than 1 in 1000",
            < 0.045 => $"1 in {Math.Round(1 / probability).ToString(CultureInfo.InvariantCulture)}",
            < 0.0995 => $"{(probability * 100).ToString("0.0", CultureInfo.InvariantCulture)} in 100",
            _ => $"{Math.Round(probability * 100).ToString(CultureInfo.InvariantCulture)} in 100",
        };

    private static string Share(double share) => $"{Math.Round(share * 100).ToString(CultureInfo.InvariantCulture)} %";

    private static string Points(double points)
    {
        var text = points.ToString("0.0", CultureInfo.InvariantCulture);
        return text == "1.0" ? "1 point" : $"{text} points";
    }
}
