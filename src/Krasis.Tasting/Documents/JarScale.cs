using Krasis.Core.Changing.Tuning;

namespace Krasis.Tasting.Documents;

/// <summary>A scale from too little over just right to too much.</summary>
/// <param name="Code">The name it is kept under.</param>
/// <param name="Name">What it is called.</param>
/// <param name="TooLittle">What its lower side says of a drink, such as <c>too weak</c>.</param>
/// <param name="TooMuch">What its upper side says.</param>
/// <param name="Moves">What of the drink it is about; null where no line of a build does it alone.</param>
public sealed record JarScale(string Code, string Name, string TooLittle, string TooMuch, TunedTaste? Moves)
{
    /// <summary>How far the answers reach to either side: far too little, too little, just right, too much, far too
    /// much.</summary>
    public const int Farthest = 2;

    /// <summary>The words for the answers, from the least to the most.</summary>
    public IReadOnlyList<string> Answers => [Far(TooLittle), TooLittle, "just right", TooMuch, Far(TooMuch)];

    /// <summary>The scales that every house has.</summary>
    public static readonly IReadOnlyList<JarScale> All =
    [
        new("strength", "Coffee", "too weak", "too strong", TunedTaste.Strength),
        new("sweetness", "Sweetness", "not sweet enough", "too sweet", TunedTaste.Sweetness),
        new("flavour", "Flavour beside the coffee", "too little flavour", "too much flavour", TunedTaste.Flavour),
        new("body", "Body", "too thin", "too heavy", null),
        new("temperature", "Temperature", "too cool", "too warm", null),
    ];

    // Not sweet enough, and not nearly so; too sweet, and far too sweet.
    private static string Far(string words) =>
        words.StartsWith("not ", StringComparison.Ordinal) ? $"not nearly {words[4..]}" : $"far {words}";
}
