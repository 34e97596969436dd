namespace Krasis.Exchange;

/// <summary>Text that a spreadsheet leaves text.</summary>
public static class SafeText
{
    /// <summary>The text, with an apostrophe before it where a spreadsheet would take it for a formula, or where it
    /// looks as if that had been done.</summary>
    public static string? Of(string? text) =>
        text is not null && IsTaken(text.AsSpan().TrimStart('\'')) ? $"'{text}" : text;

    /// <summary>The text as it was before <see cref="Of"/>.</summary>
    public static string Back(string text) =>
        text is ['\'', ..] && IsTaken(text.AsSpan().TrimStart('\'')) ? text[1..] : text;

    private static bool IsTaken(ReadOnlySpan<char> text) =>
        text is [('=' or '+' or '-' or '@'), ..] || (text.Length > 0 && char.IsControl(text[0]));
}
