using Krasis.Tasting.Choosing;

namespace Krasis.Tasting.Documents;

/// <summary>What tasters are asked.</summary>
/// <param name="Code">The name it is kept under.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Asks">What it finds out.</param>
/// <param name="MostSamples">With how many samples at the most; two is the least but for
/// <see cref="LeastSamples"/>.</param>
/// <param name="LeastSamples">With how many at the least.</param>
/// <param name="Glasses">How many glasses a taster has before them at once, beyond one for every sample; null where it
/// is one each.</param>
/// <param name="Method">How the choice is counted; null where it is no choice of one.</param>
public sealed record TastingQuestion(
    string Code,
    string Name,
    string Asks,
    int LeastSamples,
    int MostSamples,
    int? Glasses,
    ChoiceMethod? Method
)
{
    /// <summary>How does it suit?</summary>
    public static readonly TastingQuestion Suits = new(
        "suits",
        "How does it suit?",
        "Each drink on scales from too little to too much, and how much it is liked.",
        1,
        6,
        null,
        null
    );

    /// <summary>Which is best?</summary>
    public static readonly TastingQuestion Best = new(
        "best",
        "Which is best?",
        "Tasters rank all drinks, the best first. You can also ask about each drink on scales.",
        2,
        6,
        null,
        null
    );

    /// <summary>Can they be told apart, three glasses?</summary>
    public static readonly TastingQuestion Triangle = new(
        "triangle",
        "Can they be told apart? (three glasses)",
        "Two glasses of one drink, one of the other: which is the odd one?",
        2,
        2,
        3,
        ChoiceMethod.Triangle
    );

    /// <summary>Can they be told apart, one known?</summary>
    public static readonly TastingQuestion DuoTrio = new(
        "duo-trio",
        "Can they be told apart? (one to compare with)",
        "One glass to compare with and two others: which of the two is the same?",
        2,
        2,
        3,
        ChoiceMethod.DuoTrio
    );

    /// <summary>Which of two?</summary>
    public static readonly TastingQuestion Preference = new(
        "preference",
        "Which of two?",
        "Two drinks: which is liked better?",
        2,
        2,
        2,
        ChoiceMethod.Preference
    );

    /// <summary>All of them, in the order in which they are offered.</summary>
    public static readonly IReadOnlyList<TastingQuestion> All = [Suits, Best, Triangle, DuoTrio, Preference];
}
