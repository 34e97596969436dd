using System.Globalization;
using Krasis.Core.Quantities;
using Superpower;
using Superpower.Model;
using Superpower.Parsers;

namespace Krasis.Recipes.Grammar;

/// <summary>What the words of a recipe's line say, one after another. Every line has such bits: what says nothing is a
/// bit that says so.</summary>
internal static class BitGrammar
{
    // A mark of more words is none.
    private const int LongestMark = 7;

    // No shot takes longer, s; no basket holds more, g (common practice, no source).
    private const double LongestShot = 90,
        LargestDose = 40;

    private static readonly string[] Ordinals = ["first", "second", "third", "fourth", "fifth", "sixth"];
    private static readonly Dictionary<string, double> Shots = new(StringComparer.OrdinalIgnoreCase)
    {
        ["single"] = 1,
        ["solo"] = 1,
        ["sgl"] = 1,
        ["double"] = 2,
        ["doppio"] = 2,
        ["dbl"] = 2,
        ["triple"] = 3,
        ["trpl"] = 3,
        ["quad"] = 4,
    };

    private static readonly HashSet<string> Abbreviations = new(StringComparer.OrdinalIgnoreCase)
    {
        "tbsp",
        "tsp",
        "oz",
        "fl",
        "ml",
        "g",
        "approx",
        "tbs",
        "floz",
        "gr",
        "ca",
        "sec",
        "min",
        "no",
    };

    private static readonly TokenListParser<RecipeToken, Token<RecipeToken>> About = Token
        .EqualTo(RecipeToken.Tilde)
        .Or(Word("about", "approx", "approximately", "around", "roughly", "ca", "circa"));

    private static readonly TokenListParser<RecipeToken, double> Figure = Token
        .EqualTo(RecipeToken.Number)
        .Select(token => Value(token.ToStringValue()));

    private static readonly TokenListParser<RecipeToken, double> Half =
        from _ in Word("and")
        from article in Word("a").OptionalOrDefault()
        from half in Word("half")
        select 0.5;

    private static readonly TokenListParser<RecipeToken, double> InWords = Token
        .EqualTo(RecipeToken.Word)
        .Where(token => NumberOf(token) is not null)
        .Select(token => NumberOf(token)!.Value);

    private static readonly TokenListParser<RecipeToken, double> Number =
        from couple in Word("a")
            .OptionalOrDefault()
            .IgnoreThen(Word("couple", "pair").IgnoreThen(Word("of").OptionalOrDefault()))
            .Value(2.0)
            .Try()
            .Or(
                Word("half", "quarter")
                    .Select(token =>
                        token.ToStringValue().StartsWith('q') || token.ToStringValue().StartsWith('Q') ? 0.25 : 0.5
                    )
                    .Then(part =>
                        Word("of")
                            .Try()
                            .OptionalOrDefault()
                            .IgnoreThen(Word("a", "an").Try().OptionalOrDefault())
                            .Value(part)
                    )
                    .Try()
            )
            .Or(Figure.Or(InWords).Then(whole => Half.Try().OptionalOrDefault().Select(more => whole + more)).Try())
            .Or(Word("a", "an", "one").Value(1.0))
        select couple;

    private static readonly TokenListParser<RecipeToken, (Measure Measure, double Times)> AMeasure = LongestOf(
        MeasureWords.Longest,
        MeasureWords.Find,
        isAbbreviated: true
    );

    private static readonly TokenListParser<RecipeToken, Quantity> AQuantity =
        from about in About.OptionalOrDefault()
        from number in Number
        from measure in AMeasure
        where IsAmount(number, measure)
        select new Quantity(number * measure.Times, measure.Measure);

    private static readonly TokenListParser<RecipeToken, Token<RecipeToken>> Until = Token
        .EqualTo(RecipeToken.Dash)
        .Or(Word("to", "or"));

    private static readonly TokenListParser<RecipeToken, Bit> Said =
        from first in AQuantity
        from or in Token.EqualTo(RecipeToken.Equals).Or(Token.EqualTo(RecipeToken.Slash)).Or(Word("or"))
        from second in AQuantity
        select (Bit)new Bit.Amount(first, second);

    private static readonly TokenListParser<RecipeToken, Bit> Range =
        from about in About.OptionalOrDefault()
        from low in Number
        from to in Until
        from high in Number
        from measure in AMeasure
        where IsAmount(low, measure) && IsAmount(high, measure)
        select (Bit)new Bit.Amount(new Quantity(low * measure.Times, measure.Measure), Upper: high * measure.Times);

    private static readonly TokenListParser<RecipeToken, Token<RecipeToken>> X = Token
        .EqualTo(RecipeToken.Times)
        .Or(Word("x"));

    private static readonly TokenListParser<RecipeToken, Bit> Times =
        from number in Figure
        from x in X
        from each in AQuantity
        where number <= 20 && each.Amount * number <= each.Measure.Most
        select (Bit)new Bit.Amount(new Quantity(number * each.Amount, each.Measure));

    // A double is two shots, but double cream is a cream.
    private static readonly TokenListParser<RecipeToken, Bit> ShotWord =
        from article in Word("a", "one").OptionalOrDefault()
        from count in Token.EqualTo(RecipeToken.Word).Where(token => Shots.ContainsKey(token.ToStringValue()))
        from shot in Word("shot", "shots").Select(_ => true).Try().Or(BeforeNoName())
        select (Bit)new Bit.Amount(new Quantity(Shots[count.ToStringValue()], Measure.Shot));

    private static readonly TokenListParser<RecipeToken, Bit> Counted = X.IgnoreThen(Figure)
        .Try()
        .Or(Figure.Then(number => X.Value(number)).Try())
        .Select(number => (Bit)new Bit.Bare(number, IsTimes: true));

    private static readonly TokenListParser<RecipeToken, Bit> BareRange =
        from low in Figure
        from dash in Token.EqualTo(RecipeToken.Dash)
        from high in Figure
        select (Bit)new Bit.Bare(low, high);

    private static readonly TokenListParser<RecipeToken, Bit> Percent =
        from number in Figure
        from sign in Token.EqualTo(RecipeToken.Percent)
        select (Bit)new Bit.Word();

    private static readonly TokenListParser<RecipeToken, Bit> Series =
        from numbers in Token.EqualTo(RecipeToken.Series)
        from measure in AMeasure.Select(one => ((Measure Measure, double Times)?)one).Try().OptionalOrDefault()
        select (Bit)
            new Bit.Series(
                [.. numbers.ToStringValue().Split('/').Select(number => SpokenNumber.Read(number.Trim()))],
                measure?.Measure,
                measure?.Times ?? 1
            );

    private static readonly TokenListParser<RecipeToken, Bit> Ratio =
        from first in Figure
        from more in Token.EqualTo(RecipeToken.Colon).IgnoreThen(Figure).AtLeastOnce()
        where more.Length <= 8
        select (Bit)new Bit.Ratio([first, .. more]);

    private static readonly TokenListParser<RecipeToken, Token<RecipeToken>> GramsOrMl = Word(
        "g",
        "gr",
        "gram",
        "grams",
        "ml"
    );
    private static readonly TokenListParser<RecipeToken, double> Weighed =
        from number in Figure
        from unit in GramsOrMl.OptionalOrDefault()
        select number;

    private static readonly TokenListParser<RecipeToken, Bit> Pull = (
        from dose in Weighed
        from arrow in Token.EqualTo(RecipeToken.Arrow)
        from yield in Weighed
        where dose <= LargestDose
        select (Bit)new Bit.Pulled(dose, yield, null)
    )
        .Try()
        .Or(
            (
                from dose in Weighed
                from what in Word("espresso", "coffee", "grounds").OptionalOrDefault()
                from word in Word("in", "dose", "dry")
                from alone in NotInto()
                where dose <= LargestDose
                select (Bit)new Bit.Pulled(dose, null, null)
            ).Try()
        )
        .Or(
            (
                from yield in Weighed
                from word in Word("out", "yield", "wet")
                select (Bit)new Bit.Pulled(null, yield, null)
            ).Try()
        )
        .Or(
            (
                from word in Word("dose")
                from colon in Token.EqualTo(RecipeToken.Colon).OptionalOrDefault()
                from dose in Weighed
                where dose <= LargestDose
                select (Bit)new Bit.Pulled(dose, null, null)
            ).Try()
        )
        .Or(
            (
                from word in Word("yield", "yields")
                from colon in Token.EqualTo(RecipeToken.Colon).OptionalOrDefault()
                from dose in Weighed
                select (Bit)new Bit.Pulled(null, dose, null)
            ).Try()
        )
        .Or(
            (
                from colon in Word("time")
                    .IgnoreThen(Token.EqualTo(RecipeToken.Colon).OptionalOrDefault())
                    .OptionalOrDefault()
                from seconds in Figure
                from range in Token.EqualTo(RecipeToken.Dash).IgnoreThen(Figure).Try().OptionalOrDefault()
                from unit in Word("s", "sec", "secs", "second", "seconds")
                where seconds <= LongestShot
                select (Bit)new Bit.Pulled(null, null, seconds)
            ).Try()
        );

    private static readonly TokenListParser<RecipeToken, Bit> Warmth =
        from low in Figure
        from range in Token.EqualTo(RecipeToken.Dash).IgnoreThen(Figure).Try().OptionalOrDefault()
        from unit in Token
            .EqualTo(RecipeToken.Degree)
            .IgnoreThen(Word("c", "f", "celsius", "fahrenheit").Try().OptionalOrDefault())
            .Or(Word("c", "f", "celsius", "fahrenheit", "degrees", "deg"))
        select (Bit)new Bit.Warmth();

    private static readonly TokenListParser<RecipeToken, Bit> Time =
        from low in Number
        from range in Token.EqualTo(RecipeToken.Dash).IgnoreThen(Figure).Try().OptionalOrDefault()
        from unit in Word(
            "s",
            "sec",
            "secs",
            "second",
            "seconds",
            "min",
            "mins",
            "minute",
            "minutes",
            "hour",
            "hours",
            "h",
            "hr",
            "hrs",
            "day",
            "days",
            "week",
            "weeks",
            "mm",
            "cm",
            "inch",
            "inches"
        )
        select (Bit)new Bit.Time();

    private static readonly TokenListParser<RecipeToken, Bit> To = Word("to", "till", "until")
        .IgnoreThen(MarkAhead())
        .Try()
        .Or(
            Word("to", "till", "until")
                .IgnoreThen(Word("fill", "full"))
                .Select(_ => (Bit)new Bit.To("to the top", false))
                .Try()
        )
        .Or(
            (
                from to in Word("to")
                from number in Figure
                from next in NotAMeasure()
                where number is > 10 and <= 5000
                select (Bit)new Bit.To(string.Create(CultureInfo.InvariantCulture, $"to {number} ml"), true)
            ).Try()
        );

    private static readonly TokenListParser<RecipeToken, Bit> Full = FullShare()
        .Try()
        .Or(Word("halfway").Value((Bit)new Bit.To("to ½", false)));

    private static readonly TokenListParser<RecipeToken, Bit> Line = (
        from article in Word("the").OptionalOrDefault()
        from ordinal in Word(Ordinals)
        from line in Word("line")
        select (Bit)new Bit.To($"to the {ordinal.ToStringValue().ToLowerInvariant()} line", false)
    )
        .Try()
        .Or(
            (
                from to in Word("to").OptionalOrDefault()
                from article in Word("the").OptionalOrDefault()
                from number in Figure
                from st in Word("st", "nd", "rd", "th")
                from line in Word("line")
                where number is >= 1 and <= 8
                select (Bit)ToLine(number)
            ).Try()
        )
        .Or(
            (
                from to in Word("to").OptionalOrDefault()
                from line in Word("line")
                from number in Figure
                where number is >= 1 and <= 8
                select (Bit)ToLine(number)
            ).Try()
        );

    private static Bit.To ToLine(double number) =>
        new(string.Create(CultureInfo.InvariantCulture, $"to line {number:0}"), false);

    // "Of the rim": where it ends, and no rim that is dipped.
    private static readonly TokenListParser<RecipeToken, Bit> Edge =
        from of in Word("of", "from", "below", "under")
        from article in Word("the").OptionalOrDefault()
        from edge in Word("rim", "brim", "lip", "top", "surface", "line")
        select (Bit)new Bit.Filler();

    private static readonly TokenListParser<RecipeToken, Bit> Other = Token
        .Matching<RecipeToken>(_ => true, "anything")
        .Select(Meaning);

    private static readonly TokenListParser<RecipeToken, Bit> One = Placed(
        Series
            .Try()
            .Or(Edge.Try())
            .Or(Warmth.Try())
            .Or(Pull.Try())
            .Or(Line.Try())
            .Or(To.Try())
            .Or(Full.Try())
            .Or(Times.Try())
            .Or(Said.Try())
            .Or(Range.Try())
            .Or(ShotWord.Try())
            .Or(AQuantity.Select(quantity => (Bit)new Bit.Amount(quantity)).Try())
            .Or(Time.Try())
            .Or(Ratio.Try())
            .Or(Percent.Try())
            .Or(Counted.Try())
            .Or(BareRange.Try())
            .Or(
                About
                    .OptionalOrDefault()
                    .IgnoreThen(Figure.Or(InWords))
                    .Select(number => (Bit)new Bit.Bare(number))
                    .Try()
            )
            .Or(Other)
    );

    // Brackets within brackets are signs: a text of nothing else must not be a tower.
    private static readonly TokenListParser<RecipeToken, Bit> Group = Placed(
        from open in Token.EqualTo(RecipeToken.Open)
        from inside in Unless(RecipeToken.Close, One).Many()
        from close in Token.EqualTo(RecipeToken.Close)
        select (Bit)new Bit.Group(inside)
    );

    private static readonly TokenListParser<RecipeToken, Bit[]> Whole = Group.Try().Or(One).Many();

    /// <summary>The bits of a line, in the order in which they stand; between two of them stands nothing but white
    /// space.</summary>
    public static IReadOnlyList<Bit> Read(string line) => Whole.Parse(RecipeTokenizer.Read(line));

    private static Bit Meaning(Token<RecipeToken> token)
    {
        var word = token.ToStringValue();
        return token.Kind switch
        {
            RecipeToken.Word when word.ToLowerInvariant() is "and" or "then" or "n" => new Bit.Between(
                RecipeToken.Word
            ),
            RecipeToken.Word when word.Equals("or", StringComparison.OrdinalIgnoreCase) => new Bit.Or(),
            RecipeToken.Word when Vocabulary.Doubts.Contains(word) => new Bit.Doubt(),
            RecipeToken.Word when Vocabulary.Deeds.TryGetValue(word, out var deed) => new Bit.Deed(deed),
            RecipeToken.Word when Vocabulary.Vague.Contains(word) => new Bit.Vague(),
            RecipeToken.Word when Vocabulary.Fillers.Contains(word) => new Bit.Filler(),
            RecipeToken.Word => new Bit.Word(),
            RecipeToken.Comma
            or RecipeToken.Semicolon
            or RecipeToken.Stop
            or RecipeToken.Plus
            or RecipeToken.Ampersand
            or RecipeToken.Dash
            or RecipeToken.Colon
            or RecipeToken.Cell
            or RecipeToken.Arrow
            or RecipeToken.Equals
            or RecipeToken.Slash => new Bit.Between(token.Kind),
            RecipeToken.Number => new Bit.Bare(Value(word)),
            _ => new Bit.Sign(),
        };
    }

    private static double Value(string figures)
    {
        // 1,000 may be a thousand or one: nobody can tell.
        var isEither =
            figures.Length > 4
            && figures[^4] == ','
            && figures.Count(letter => letter == ',') == 1
            && figures.All(letter => letter == ',' || char.IsAsciiDigit(letter));
        return isEither ? double.NaN : SpokenNumber.Read(figures.Trim());
    }

    private static bool IsAmount(double number, (Measure Measure, double Times) measure) =>
        number >= 0 && number * measure.Times <= measure.Measure.Most;

    private static double? NumberOf(Token<RecipeToken> token) =>
        token.ToStringValue().ToLowerInvariant() switch
        {
            "one"
            or "two"
            or "three"
            or "four"
            or "five"
            or "six"
            or "seven"
            or "eight"
            or "nine"
            or "ten"
            or "eleven"
            or "twelve" => SpokenNumber.Read(token.ToStringValue()),
            _ => null,
        };

    private static TokenListParser<RecipeToken, Token<RecipeToken>> Word(params string[] any)
    {
        var words = any.ToHashSet(StringComparer.OrdinalIgnoreCase);
        return Token.EqualTo(RecipeToken.Word).Where(token => words.Contains(token.ToStringValue()));
    }

    private static TokenListParser<RecipeToken, Bit> Unless(
        RecipeToken kind,
        TokenListParser<RecipeToken, Bit> parser
    ) =>
        input =>
            input.ConsumeToken() is { HasValue: true } next && next.Value.Kind != kind
                ? parser(input)
                : TokenListParserResult.Empty<RecipeToken, Bit>(input);

    // What is said of the words ahead, as many as make sense of it.
    private static TokenListParser<RecipeToken, T> LongestOf<T>(int most, Func<string, T?> find, bool isAbbreviated)
        where T : struct =>
        input =>
        {
            var (words, next, best) = (new List<string>(), input, default((T Found, TokenList<RecipeToken> Behind)?));
            while (
                words.Count < most
                && next.ConsumeToken()
                    is { HasValue: true, Value: { Kind: RecipeToken.Word } word, Remainder: var rest }
            )
            {
                words.Add(word.ToStringValue());

                // A full stop behind an abbreviation ends no sentence.
                next =
                    isAbbreviated
                    && Abbreviations.Contains(words[^1])
                    && rest.ConsumeToken() is { HasValue: true, Value.Kind: RecipeToken.Stop, Remainder: var behind }
                    && behind.ConsumeToken() is { HasValue: true } after
                    && (after.Value.Kind == RecipeToken.Open || char.IsLower(after.Value.ToStringValue()[0]))
                        ? behind
                        : rest;
                if (find(string.Join(' ', words)) is { } found)
                {
                    best = (found, next);
                }
            }

            return best is { } one
                ? TokenListParserResult.Value(one.Found, input, one.Behind)
                : TokenListParserResult.Empty<RecipeToken, T>(input);
        };

    private static TokenListParser<RecipeToken, Bit> MarkAhead() =>
        input =>
        {
            var ahead = Ahead(input, LongestMark);
            for (var count = ahead.Count; count > 0; count--)
            {
                var says = $"to {Text(ahead, count)}";
                if (SpokenAmountText.ReadMark(says).IsRead && !IsFromAbove(Skip(input, count)))
                {
                    return TokenListParserResult.Value((Bit)new Bit.To(says, false), input, Skip(input, count));
                }
            }

            return TokenListParserResult.Empty<RecipeToken, Bit>(input);
        };

    // "To 1 cm below the rim" is no height of 1 cm.
    private static bool IsFromAbove(TokenList<RecipeToken> behind) =>
        behind.ConsumeToken() is { HasValue: true, Value: { Kind: RecipeToken.Word } next }
        && next.ToStringValue().ToLowerInvariant()
            is "below"
                or "under"
                or "beneath"
                or "from"
                or "off"
                or "short"
                or "shy";

    // "18 g in" is of the basket, and "18 g in the jug" is not.
    private static TokenListParser<RecipeToken, bool> NotInto() =>
        input =>
            input.ConsumeToken() is { HasValue: true, Value: { Kind: RecipeToken.Word } next }
            && next.ToStringValue().ToLowerInvariant() is "the" or "a" or "an" or "your" or "it" or "each"
                ? TokenListParserResult.Empty<RecipeToken, bool>(input)
                : TokenListParserResult.Value(true, input, input);

    // "¾ full", "three quarters full of".
    private static TokenListParser<RecipeToken, Bit> FullShare() =>
        input =>
        {
            var ahead = Ahead(input, 3);
            for (var count = ahead.Count; count > 0; count--)
            {
                var said = Text(ahead, count);
                if (
                    said.EndsWith(" full", StringComparison.OrdinalIgnoreCase)
                    && SpokenAmountText.ReadMark($"to {said}") is { IsRead: true, Value: Mark.Share share }
                )
                {
                    return TokenListParserResult.Value((Bit)new Bit.To(share.Says, false), input, Skip(input, count));
                }
            }

            return TokenListParserResult.Empty<RecipeToken, Bit>(input);
        };

    private static TokenListParser<RecipeToken, bool> BeforeNoName() =>
        input =>
            input.ConsumeToken() is not { HasValue: true, Value: { Kind: RecipeToken.Word } next }
            || next.ToStringValue().ToLowerInvariant()
                is "espresso"
                    or "ristretto"
                    or "esp"
                    or "of"
                    or "and"
                    or "then"
                    or "or"
            || Vocabulary.Fillers.Contains(next.ToStringValue())
            || Vocabulary.Deeds.ContainsKey(next.ToStringValue())
                ? TokenListParserResult.Value(true, input, input)
                : TokenListParserResult.Empty<RecipeToken, bool>(input);

    private static TokenListParser<RecipeToken, bool> NotAMeasure() =>
        input =>
            input.ConsumeToken() is { HasValue: true, Value: var next }
            && (
                next.Kind is RecipeToken.Degree or RecipeToken.Percent
                || (
                    next.Kind == RecipeToken.Word
                    && (
                        MeasureWords.Find(next.ToStringValue()) is not null
                        || next.ToStringValue().Length <= 2
                        || next.ToStringValue().StartsWith("deg", StringComparison.OrdinalIgnoreCase)
                    )
                )
            )
                ? TokenListParserResult.Empty<RecipeToken, bool>(input)
                : TokenListParserResult.Value(true, input, input);

    private static List<Token<RecipeToken>> Ahead(TokenList<RecipeToken> input, int most)
    {
        var ahead = new List<Token<RecipeToken>>();
        var next = input;
        while (
            ahead.Count < most
            && next.ConsumeToken()
                is {
                    HasValue: true,
                    Value: { Kind: RecipeToken.Word or RecipeToken.Number or RecipeToken.Percent } token,
                    Remainder: var rest
                }
        )
        {
            ahead.Add(token);
            next = rest;
        }

        return ahead;
    }

    private static string Text(List<Token<RecipeToken>> tokens, int count) =>
        string.Join(' ', tokens.Take(count).Select(token => token.ToStringValue()));

    private static TokenList<RecipeToken> Skip(TokenList<RecipeToken> input, int count)
    {
        for (var i = 0; i < count; i++)
        {
            input = input.ConsumeToken().Remainder;
        }

        return input;
    }

    private static TokenListParser<RecipeToken, Bit> Placed(TokenListParser<RecipeToken, Bit> parser) =>
        input =>
        {
            var result = parser(input);
            if (!result.HasValue)
            {
                return result;
            }

            var first = input.ConsumeToken().Value;
            var (last, next) = (first, input);
            while (next.Position < result.Remainder.Position)
            {
                (last, next) = (next.ConsumeToken().Value, next.ConsumeToken().Remainder);
            }

            var (start, end) = (first.Position.Absolute, last.Position.Absolute + last.Span.Length);
            return TokenListParserResult.Value(
                result.Value with
                {
                    Start = start,
                    End = end,
                    Said = first.Span.Source![start..end],
                },
                input,
                result.Remainder
            );
        };
}
