using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Working.SizeSheets;
using Krasis.Recipes;
using Krasis.Recipes.Pieces;

namespace Krasis.App.Recipes;

/// <summary>Shows what was read of recipes.</summary>
public static class RecipeParts
{
    public static PartDocument Renamed(PartDocument part, Dictionary<string, string> ids) =>
        part with
        {
            Id = ids[part.Id ?? ""],
            Lines =
            [
                .. (part.Lines ?? [])
                    .Where(line => line is not null)
                    .Select(line =>
                        line.Ingredient is { } own && ids.TryGetValue(own, out var kept)
                            ? line with
                            {
                                Ingredient = kept,
                            }
                            : line
                    ),
            ],
        };

    public static RecipeView View(ReadRecipe recipe, BarDocument bar, DateOnly today)
    {
        var facts = BarReader.Read(bar with { Parts = [.. bar.Parts, .. recipe.Parts] }).Value;
        var build = BuildReader.Read(recipe.Draft, facts, nameless: true);
        var sheet = build.IsRead && recipe.Draft.Lines.Count > 0 ? Mixer.Mix(build.Value, facts, today) : null;
        var problem =
            recipe.Draft.Lines.Count == 0 ? "Nothing that goes in was found."
            : build.IsRead ? null
            : build.Problems[0].Message;
        return new RecipeView(
            recipe.Pieces,
            recipe.Draft,
            recipe.Parts,
            [.. (sheet?.Sizes ?? []).Select(size => size.Name)],
            sheet is null
                ? []
                :
                [
                    .. sheet
                        .Sizes[0]
                        .Lines.Select(
                            (line, i) =>
                                new ReadLine(
                                    line.IngredientName,
                                    [.. sheet.Sizes.Select(size => SaidOf(size.Lines[i]))],
                                    HowOf(recipe.Draft.Lines[i])
                                )
                        ),
                ],
            recipe.Assumed,
            [
                .. (sheet?.Findings ?? [])
                    .Where(finding => finding.Severity is Severity.Fault or Severity.Warning)
                    .OrderBy(finding => finding.Severity)
                    .Select(finding => finding.Message)
                    .Distinct(),
            ],
            problem,
            recipe.Unknown,
            new PieceCounts(
                recipe.Pieces.Count(piece => piece.Kind == PieceKind.Read),
                recipe.Pieces.Count(piece => piece.Kind == PieceKind.Guessed),
                recipe.Pieces.Count(piece => piece.Kind == PieceKind.NotUnderstood)
            )
        );
    }

    // A mark is what is said, and the amount what comes of it.
    public static string SaidOf(SheetLine line)
    {
        var amount = string.Create(CultureInfo.InvariantCulture, $"{line.Amount:0.##} {line.Unit}");
        return line.Mark is { } mark ? $"{mark.Says}: {amount}" : amount;
    }

    public static string? HowOf(LineDocument line) =>
        line.Technique is { } code
        && Techniques.All.FirstOrDefault(facts => facts.Code == code) is { Technique: not Technique.Pour } how
            ? how.Words
            : null;

    public static Problem TooLong(string field, int length) =>
        new(
            field,
            null,
            $"The text has {length} characters.",
            $"at most {RecipeReader.LongestText}: a notebook in several parts"
        );
}
