namespace Krasis.Exchange;

/// <summary>Text that a spreadsheet leaves text.</summary>
internal static class SafeText
{
    /// <summary>The text, with an apostrophe before it where a spreadsheet would take it for a formula.</summary>
    public static string? Of(string? text) => text is [('=' or '+' or '-' or '@' or '\t' or '\r'), ..] ? $"'{text}" : text;

    /// <summary>The text as it was before <see cref="Of"/>.</summary>
    public static string Back(string text) => text is ['\'', ('=' or '+' or '-' or '@' or '\t' or '\r'), ..] ? text[1..] : text;
}
