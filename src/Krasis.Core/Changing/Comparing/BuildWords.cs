using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Judging;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Comparing;

/// <summary>Says what stands in the fields of a build in a lead's words, never in the codes that documents
/// hold.</summary>
/// <param name="bar">The bar, for the names of things.</param>
internal sealed class BuildWords(BarFacts bar)
{
    /// <summary>What is said of nothing.</summary>
    public const string None = "–";

    public string Cup(string? id) => bar.Find(new CupId(id ?? ""))?.Name ?? "a cup that is gone";

    public string Ingredient(string? id) => bar.Find(new IngredientId(id ?? ""))?.Name ?? "something that is gone";

    public string Foam(string? id) => id is null ? None : bar.Find(new FoamId(id))?.Name ?? "a foam level that is gone";

    public string Recipe(LineDocument line) =>
        line.Recipe is null
            ? "the bar's first"
            : bar.RecipesOf(new IngredientId(line.Ingredient ?? ""))
                .FirstOrDefault(recipe => recipe.Id == line.Recipe)
                ?.Name
                ?? "a recipe that is gone";

    public static string School(string? code) =>
        Builds.Scaling.School.Find(code)?.Name ?? Builds.Scaling.School.All[0].Name;

    public static string Serve(string? word) => word ?? "iced with ice in it, hot without";

    public static string Season(SeasonDocument? season) =>
        season is null ? "all year" : $"{Day(season.From)} to {Day(season.To)}";

    public static string Claim(string word) =>
        Enum.GetValues<Claim>().Where(claim => Input.Choice.Word(claim) == word).Select(Claims.Words).FirstOrDefault()
        ?? word;

    public static string Measure(string? code) => Quantities.Measure.Find(code)?.Plural ?? None;

    public static string Technique(string? code) =>
        Techniques.All.FirstOrDefault(facts => facts.Code == (code ?? Techniques.Of(Builds.Technique.Pour)))?.Words
        ?? None;

    public static string Cooling(string? code) =>
        Enum.GetValues<CoolingWay>()
            .Where(way => Input.Choice.Word(way) == (code ?? Input.Choice.Word(CoolingWays.WhereNoneIsSaid)))
            .Select(CoolingWays.Words)
            .FirstOrDefault()
        ?? None;

    public string Rule(ScaleDocument? scale, IReadOnlyList<LineDocument> lines) =>
        scale is null
            ? "as the build"
            : (ScalingWords.All.FirstOrDefault(rule => rule.Code == scale.By).Words ?? None)
                + (
                    scale.Of is null
                        ? ""
                        : $" of {Ingredient(lines.FirstOrDefault(line => line.Id == scale.Of)?.Ingredient)}"
                )
                + (
                    scale.Ladder.Count == 0
                        ? ""
                        : $" ({string.Join(", ", scale.Ladder.Select(rung => $"{Cup(rung.Size)} {Number(rung.Amount)}"))})"
                );

    public string Pin(PinDocument pin) => $"{Cup(pin.Size)} {Amount(pin, null)}";

    /// <summary>How much a pin says, and what it says it is again.</summary>
    /// <param name="pin">The pin.</param>
    /// <param name="measure">The code of its line's measure; null where the measure stands beside it.</param>
    public static string Amount(PinDocument pin, string? measure) =>
        $"{pin.To ?? InMeasure(pin.Amount, measure)}{(pin.Stated is { } again ? $" (= {again})" : "")}";

    /// <summary>An amount with its measure, as 3 strokes.</summary>
    public static string InMeasure(double? amount, string? measure) =>
        amount is { } known && Quantities.Measure.Find(measure) is { } found
            ? $"{Say.Fine(known)} {(known == 1 ? found.Symbol : found.Plural)}"
            : Number(amount);

    public string Price(PriceDocument price) => $"{Cup(price.Size)} {Money(price.Price)}";

    /// <summary>A price in the house's currency.</summary>
    public string Money(double? price) =>
        price is { } known ? $"{Say.Fixed(known, 2)} {bar.House.Currency}".TrimEnd() : None;

    public static string Check(string? name) => AllCheckWords.Of(name);

    public static string Millimetres(double? value) => value is { } mm ? $"{Say.Short(mm)} mm" : None;

    public static string Degrees(double? value) => value is { } celsius ? $"{Say.Short(celsius)} °C" : "as usual";

    public static string Number(double? value) => value is { } known ? Say.Fine(known) : None;

    public static string List(IEnumerable<string> words) =>
        string.Join(", ", words) is { Length: > 0 } list ? list : None;

    private static string Day(string? text) => MonthDay.Read(text)?.ToString() ?? text ?? None;
}
