namespace Krasis.Core.Input;

/// <summary>One thing that is wrong with what was entered.</summary>
/// <param name="Field">Where, as a path into the document: <c>lines[2].amount</c>.</param>
/// <param name="Value">What was given there, shortened; null when nothing was.</param>
/// <param name="Message">What is wrong with it, in a sentence.</param>
/// <param name="Accepted">What would be accepted instead.</param>
public sealed record Problem(string Field, string? Value, string Message, string Accepted)
{
    private const int Longest = 60;

    /// <summary>Makes a problem, shortening the value so that a message stays readable.</summary>
    public static Problem At(string field, string? value, string message, string accepted) =>
        new(field, value is null ? null : Shorten(value), message, accepted);

    /// <summary>Cuts a long text and says that it was cut.</summary>
    public static string Shorten(string text) =>
        text.Length <= Longest ? text : $"{text[..Longest]}… ({text.Length} characters)";
}
