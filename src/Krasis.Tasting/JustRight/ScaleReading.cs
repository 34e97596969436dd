using Krasis.Tasting.Choosing;

namespace Krasis.Tasting.JustRight;

/// <summary>What tasters said of one sample on one just-about-right scale, and what it cost in liking (ASTM
/// MNL63).</summary>
/// <param name="Tasters">How many answered.</param>
/// <param name="Right">How many found it just right.</param>
/// <param name="RightLiking">What those gave, 1 to 9; null where nobody did.</param>
/// <param name="Less">Those who found too little.</param>
/// <param name="More">Those who found too much.</param>
/// <param name="Mean">The mean answer, from −2, much too little, to 2, much too much.</param>
/// <param name="LopsidedChance">How likely one side outweighs the other so much by chance, beside all other scales
/// asked of all samples.</param>
/// <param name="Verdict">What it comes to.</param>
/// <param name="IsMore">Whether it is found too much rather than too little.</param>
public sealed record ScaleReading(
    int Tasters,
    int Right,
    double? RightLiking,
    SideCount Less,
    SideCount More,
    double Mean,
    double LopsidedChance,
    ScaleVerdict Verdict,
    bool IsMore
)
{
    /// <summary>The share of tasters from which a side is worth acting on (ASTM MNL63, from memory).</summary>
    public const double LeastShare = 0.2;

    /// <summary>With fewer tasters than this nothing is said of what to do (common practice, no source).</summary>
    public const int LeastTasters = 6;

    /// <summary>Of fewer who found it right than this, what a side costs is not told: one taster who likes little would
    /// decide it (common practice, no source).</summary>
    public const int LeastRight = 3;

    /// <summary>The side that outweighs.</summary>
    public SideCount Heavier => IsMore ? More : Less;

    /// <summary>Reads every scale that was asked; whether a side outweighs is held to one level for all of them
    /// together.</summary>
    /// <param name="scales">The answers on each scale of each sample that was served: what was said, −2 to 2, with the same taster's liking, 1 to 9,
    /// where it was given.</param>
    /// <param name="level">The chance of a verdict to act where there is nothing to act on, for all scales
    /// together.</param>
    public static IReadOnlyList<ScaleReading> Of(
        IReadOnlyList<IReadOnlyList<(int Said, int? Liking)>> scales,
        double level = ForcedChoice.UsualLevel
    )
    {
        var chances = Holm.Adjust([.. scales.Select(Lopsided)]);
        return [.. scales.Zip(chances, (answers, chance) => One(answers, chance, level))];
    }

    private static double Lopsided(IReadOnlyList<(int Said, int? Liking)> answers)
    {
        var (less, more) = (answers.Count(answer => answer.Said < 0), answers.Count(answer => answer.Said > 0));
        return ForcedChoice.Probability(ChoiceMethod.Preference, less + more, more);
    }

    private static ScaleReading One(IReadOnlyList<(int Said, int? Liking)> answers, double chance, double level)
    {
        var right = answers.Where(answer => answer.Said == 0).ToList();
        var less = Side(answers.Where(answer => answer.Said < 0).ToList(), right, answers.Count);
        var more = Side(answers.Where(answer => answer.Said > 0).ToList(), right, answers.Count);
        var isMore = more.Count >= less.Count;
        return new ScaleReading(
            answers.Count,
            right.Count,
            Liking(right),
            less,
            more,
            answers.Count == 0 ? 0 : answers.Average(answer => answer.Said),
            chance,
            Judge(answers.Count, isMore ? more : less, isMore ? less : more, chance <= level),
            isMore
        );
    }

    private static ScaleVerdict Judge(int tasters, SideCount heavier, SideCount lighter, bool isLopsided)
    {
        if (tasters < LeastTasters)
        {
            return ScaleVerdict.TooFew;
        }

        if (heavier.Share < LeastShare)
        {
            return ScaleVerdict.Leave;
        }

        // Who finds it off and likes it no less asks for no change. Where nobody finds it right there is nothing to
        // compare with.
        if (heavier.Drop <= 0)
        {
            return ScaleVerdict.Leave;
        }

        return isLopsided ? ScaleVerdict.Act
            : lighter.Share >= LeastShare ? ScaleVerdict.Divided
            : ScaleVerdict.Unsure;
    }

    private static SideCount Side(List<(int Said, int? Liking)> side, List<(int Said, int? Liking)> right, int tasters)
    {
        var (here, there) = (Points(side), Points(right));
        return new SideCount(
            side.Count,
            tasters == 0 ? 0 : side.Count / (double)tasters,
            Liking(side),
            here.Count > 0 && there.Count >= LeastRight ? there.Average() - here.Average() : null,
            here.Count > 0 && there.Count >= LeastRight
                ? Dealt.AtMost([.. here, .. there], here.Count, here.Sum())
                : null
        );
    }

    private static double? Liking(List<(int Said, int? Liking)> answers) =>
        Points(answers) is { Count: > 0 } points ? points.Average() : null;

    private static List<int> Points(List<(int Said, int? Liking)> answers) =>
        [.. answers.Select(answer => answer.Liking).OfType<int>()];
}
