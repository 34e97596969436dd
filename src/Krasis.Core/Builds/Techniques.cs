namespace Krasis.Core.Builds;

/// <summary>Where what goes in by a technique ends up.</summary>
public enum PourPlace
{
    /// <summary>In the drink.</summary>
    InTheDrink,

    /// <summary>On top of it: it takes up room there and is no part of the liquid.</summary>
    OnTop,

    /// <summary>On the glass: it takes up no room.</summary>
    OnTheGlass,
}

/// <summary>What there is to know of a technique.</summary>
/// <param name="Technique">The technique.</param>
/// <param name="Words">How it is chosen on screen.</param>
/// <param name="Card">How it is said of a line on a card.</param>
/// <param name="PourPlace">Where it ends up.</param>
/// <param name="Mixes">Whether it mixes all that is in the cup by then.</param>
/// <param name="IsSlow">Whether it is laid on what is below so gently that a layer may hold.</param>
/// <param name="WantsFoam">Whether it is done to a foam level.</param>
public sealed record TechniqueFacts(
    Technique Technique,
    string Words,
    string Card,
    PourPlace PourPlace,
    bool Mixes,
    bool IsSlow,
    bool WantsFoam
)
{
    /// <summary>Its name in documents.</summary>
    public string Code => Input.Choice.Word(Technique);
}

/// <summary>The catalogue of techniques: the one place where their words and what they do are said.</summary>
public static class Techniques
{
    /// <summary>How a line goes in where it is not said.</summary>
    public const Technique WhereNoneIsSaid = Technique.Pour;

    /// <summary>Every technique, in the order in which they are offered.</summary>
    public static IReadOnlyList<TechniqueFacts> All { get; } =
    [
        In(Technique.Pour, "poured in", "pour in"),
        In(Technique.Stir, "stirred in", "pour in and stir", mixes: true),
        In(Technique.Dissolve, "dissolved hot first", "dissolve in a splash of hot water or in the hot coffee"),
        In(Technique.Whisk, "whisked smooth first", "whisk smooth in a splash of hot water, then pour in"),
        In(Technique.Cool, "cooled first", "cool"),
        In(Technique.Steam, "steamed", "steam", foam: true),
        In(Technique.Foam, "foamed cold", "foam cold and lay on top", slow: true, foam: true),
        In(Technique.Float, "poured slowly on top", "pour slowly over a spoon or the ice", slow: true),
        In(Technique.Shake, "shaken", "shake", mixes: true),
        In(Technique.Blend, "blended", "blend", mixes: true),
        In(Technique.Wall, "on the wall", "draw on the inside of the wall"),
        On(Technique.Top, "on top", "put on top"),
        new(Technique.Rim, "on the rim", "put on the rim", PourPlace.OnTheGlass, false, false, false),
        On(Technique.Dust, "dusted", "dust"),
        On(Technique.Torch, "torched on top", "put on top and brown with a torch"),
        On(Technique.Skewer, "on a skewer", "lay across on a skewer"),
    ];

    private static readonly Dictionary<Technique, TechniqueFacts> Known = All.ToDictionary(facts => facts.Technique);

    /// <summary>A technique's name in documents.</summary>
    public static string Of(Technique technique) => Known[technique].Code;

    /// <summary>What there is to know of the technique that a document names; of the usual one where it names none, or
    /// none that there is.</summary>
    public static TechniqueFacts Named(string? code) =>
        All.FirstOrDefault(facts => facts.Code == code) ?? Known[WhereNoneIsSaid];

    /// <summary>Whether what goes in so has been loosened in something hot before, so that it leaves nothing on the
    /// bottom.</summary>
    public static bool IsLoosenedFirst(this Technique technique) => technique is Technique.Dissolve or Technique.Whisk;

    /// <summary>What there is to know of a technique.</summary>
    public static TechniqueFacts Facts(this Technique technique) => Known[technique];

    private static TechniqueFacts In(
        Technique technique,
        string words,
        string card,
        bool mixes = false,
        bool slow = false,
        bool foam = false
    ) => new(technique, words, card, PourPlace.InTheDrink, mixes, slow, foam);

    private static TechniqueFacts On(Technique technique, string words, string card) =>
        new(technique, words, card, PourPlace.OnTop, false, false, false);
}
