using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.House;

/// <summary>How many strokes of each sort of flavour this house gives into each of its cups, whatever the
/// drink.</summary>
public sealed class FlavourStandard
{
    /// <summary>A house that has said nothing.</summary>
    public static FlavourStandard Nothing { get; } = new(new Dictionary<(IngredientKind Kind, CupId Cup), double>());

    private readonly IReadOnlyDictionary<(IngredientKind Kind, CupId Cup), double> strokes;

    private FlavourStandard(IReadOnlyDictionary<(IngredientKind Kind, CupId Cup), double> strokes) =>
        this.strokes = strokes;

    /// <summary>The sorts of flavour that a dispenser gives.</summary>
    public static IReadOnlyList<IngredientKind> Kinds { get; } =
    [IngredientKind.Syrup, IngredientKind.Sauce, IngredientKind.Powder];

    /// <summary>Reads it.</summary>
    /// <param name="document">Strokes by sort of flavour and then by the id of the cup; what is missing is not
    /// said.</param>
    /// <param name="fields">Where problems are told.</param>
    public static FlavourStandard Read(
        IReadOnlyDictionary<string, IReadOnlyDictionary<string, double?>?>? document,
        FieldReader fields
    )
    {
        var strokes = new Dictionary<(IngredientKind Kind, CupId Cup), double>();
        foreach (var (word, cups) in document ?? new Dictionary<string, IReadOnlyDictionary<string, double?>?>())
        {
            if (Kinds.Where(kind => Choice.Word(kind) == word).Cast<IngredientKind?>().FirstOrDefault() is not { } kind)
            {
                fields.Report(
                    "flavours",
                    word,
                    $"'{Problem.Shorten(word)}' is no sort of flavour.",
                    string.Join(", ", Kinds.Select(Choice.Word))
                );
                continue;
            }

            foreach (var (cup, count) in cups ?? new Dictionary<string, double?>())
            {
                if (fields.Optional($"flavours.{word}.{cup}", count, 0, Measure.Stroke.Most, "strokes") is { } said)
                {
                    if (said * 2 != Math.Floor(said * 2))
                    {
                        fields.Report(
                            $"flavours.{word}.{cup}",
                            Say.Fine(said),
                            $"{Say.Fine(said)} strokes are neither whole nor half ones.",
                            "whole or half strokes"
                        );
                    }

                    strokes[(kind, new CupId(cup))] = said;
                }
            }
        }

        return strokes.Count == 0 ? Nothing : new FlavourStandard(strokes);
    }

    /// <summary>How many strokes go into a cup; null where the house has not said.</summary>
    public double? StrokesOf(Ingredient flavour, CupId cup) =>
        strokes.TryGetValue((flavour.Kind, cup), out var count) ? count : null;

    /// <summary>Whether something said in a measure can go by it: a flavour, in strokes.</summary>
    public static bool Covers(Ingredient ingredient, Measure measure) =>
        measure.Kind == MeasureKind.Stroke && Kinds.Contains(ingredient.Kind);
}
