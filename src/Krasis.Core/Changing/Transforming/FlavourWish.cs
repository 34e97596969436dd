using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Transforming;

/// <summary>A stroke of the first flavour more or less, or another syrup in its place.</summary>
internal static class FlavourWish
{
    /// <summary>The flavour that is counted in strokes; null where there is none.</summary>
    public static LineDocument? Counted(Draft draft) =>
        Flavours(draft).FirstOrDefault(line => Measure.Find(line.Measure) == Measure.Stroke);

    /// <summary>The first syrup; null where there is none.</summary>
    public static LineDocument? FirstSyrup(Draft draft) =>
        Flavours(draft).FirstOrDefault(line => draft.IngredientOf(line)!.Kind == IngredientKind.Syrup);

    /// <summary>Pours a stroke more or less.</summary>
    public static Reading<Transformed> Strokes(BuildDocument document, int strokes, BarFacts bar)
    {
        var draft = new Draft(document, bar);
        if (strokes is not (1 or -1) || Counted(draft) is not { } line)
        {
            return Problem.At(
                "strokes",
                $"{strokes}",
                "There is no flavour from a pump in it.",
                "1 or -1, in a drink with a flavour from a pump"
            );
        }

        var sheet = Mixer.Mix(BuildReader.Read(document, bar, nameless: true).Value, bar);
        var said = draft.SaySizes(HouseStrokes.SpellOut(line, document, bar), sheet);
        draft.Replace(line, ShotWish.Each(said, amount => Math.Max(0, amount + strokes)));
        var name = draft.IngredientOf(line)!.Name;
        draft.Note(
            line.Id,
            $"{name}: 1 stroke {(strokes > 0 ? "more" : "less")}.",
            strokes > 0
                ? "The guest asked for it. It is sweeter than the standard."
                : "The guest asked for it. It is less sweet than the standard."
        );
        ShotWish.Stuck(
            draft,
            line,
            sheet.Sizes.Where(size =>
                strokes < 0 && size.Lines.First(cell => cell.Line.Value == line.Id).Amount is > 0 and <= 1
            ),
            $"No {name} is left in",
            "It has only one stroke."
        );
        return Reading<Transformed>.Of(draft.Finish());
    }

    /// <summary>Takes another syrup.</summary>
    public static Reading<Transformed> Syrup(BuildDocument document, IngredientId syrup, BarFacts bar) =>
        FirstSyrup(new Draft(document, bar)) is not { } line
            ? Problem.At("syrup", syrup.Value, "There is no syrup in it to replace.", "a drink with a syrup")
        : bar.Find(syrup) is not { Kind: IngredientKind.Syrup }
            ? Problem.At("syrup", syrup.Value, "The bar has no such syrup.", "a syrup of the bar")
        : Transformer.SwapSyrup(document, new(line.Id!), syrup, bar);

    private static IEnumerable<LineDocument> Flavours(Draft draft) =>
        draft.Build.Lines.Where(line =>
            line.Amount > 0
            && draft.IsInside(line)
            && line.Technique != Techniques.Of(Technique.Wall)
            && draft.IngredientOf(line) is { Kind: IngredientKind.Syrup or IngredientKind.Sauce }
        );
}
