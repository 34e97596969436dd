using Superpower;
using Superpower.Model;
using Superpower.Parsers;
using Superpower.Tokenizers;

namespace Krasis.Recipes.Grammar;

/// <summary>Takes a line of a recipe apart.</summary>
internal static class RecipeTokenizer
{
    private static readonly TextParser<TextSpan> Number = Span.Regex(
        @"(?:(?:[0-9]{1,4}[ \t]+)?[0-9]{1,3}/[0-9]{1,3}(?![0-9/])|[0-9]{0,4}[ \t]?[¼½¾⅓⅔⅛⅜⅝⅞]|[0-9]{1,9}(?:[.,][0-9]{1,9})?)"
    );

    private static readonly Tokenizer<RecipeToken> Tokens = new TokenizerBuilder<RecipeToken>()
        .Ignore(Span.WhiteSpace)
        .Match(Span.Regex(@"[0-9]{1,3}(?:\.5)?(?:[ \t]?/[ \t]?[0-9]{1,3}(?:\.5)?){2,7}(?![0-9/.])"), RecipeToken.Series)
        .Match(Number, RecipeToken.Number)
        .Match(Span.Regex(@"(?i:syr|choc|van|haz|cinn|card|esp|espr|cara|cond|evap|swt|dk|wh)\."), RecipeToken.Word)
        .Match(Span.Regex(@"w/o?(?![0-9])"), RecipeToken.Word)
        .Match(Span.Regex(@"\p{L}[\p{L}\p{M}]*(?:['’-]\p{L}[\p{L}\p{M}]*)*"), RecipeToken.Word)
        .Match(Span.Regex("[°º]\\s?[CcFf]?(?!\\p{L})"), RecipeToken.Degree)
        .Match(Span.Regex("(?:->|=>|→|➔|>)"), RecipeToken.Arrow)
        .Match(Character.In('×', '*'), RecipeToken.Times)
        .Match(Character.EqualTo('%'), RecipeToken.Percent)
        .Match(Character.EqualTo(','), RecipeToken.Comma)
        .Match(Character.EqualTo(';'), RecipeToken.Semicolon)
        .Match(Character.EqualTo(':'), RecipeToken.Colon)
        .Match(Span.Regex(@"(?:\.{2,}|…+|_{3,})"), RecipeToken.Cell)
        .Match(Character.In('.', '!', '?', '…'), RecipeToken.Stop)
        .Match(Character.EqualTo('+'), RecipeToken.Plus)
        .Match(Character.EqualTo('&'), RecipeToken.Ampersand)
        .Match(Character.In('-', '–', '—', '−'), RecipeToken.Dash)
        .Match(Character.EqualTo('/'), RecipeToken.Slash)
        .Match(Character.EqualTo('='), RecipeToken.Equals)
        .Match(Character.In('~', '≈'), RecipeToken.Tilde)
        .Match(Character.In('(', '[', '{'), RecipeToken.Open)
        .Match(Character.In(')', ']', '}'), RecipeToken.Close)
        .Match(Character.In('|', '\t'), RecipeToken.Cell)
        .Match(Character.AnyChar, RecipeToken.Other)
        .Build();

    /// <summary>The tokens of a line. There is no line that has none to give for what is in it.</summary>
    public static TokenList<RecipeToken> Read(string line) => Tokens.Tokenize(line);
}
