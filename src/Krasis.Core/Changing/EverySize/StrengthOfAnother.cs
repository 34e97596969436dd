using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Changing.Advising;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.EverySize;

/// <summary>Makes every size of a drink as strong as another drink is.</summary>
internal static class StrengthOfAnother
{
    // A difference in strength above this many percent is told (no source).
    private const double Noticeable = 5;

    /// <summary>Does it. Only the coffee and the milk or water that fills the cup change, in the bar's own steps. Each size
    /// becomes as strong as the other drink in the same cup. If the other drink is not sold in that cup, its reference
    /// size counts.</summary>
    /// <param name="document">The drink as it was entered.</param>
    /// <param name="build">The same, read against <paramref name="bar"/>.</param>
    /// <param name="other">The other drink.</param>
    /// <param name="before">The drink's sheet.</param>
    /// <param name="bar">The bar.</param>
    public static Reading<ChangedBuild> Of(
        BuildDocument document,
        Build build,
        BuildDocument other,
        BuildSheet before,
        BarFacts bar
    )
    {
        var another = BuildReader.Read(other, bar, nameless: true);
        if (!another.IsRead)
        {
            return Problem.At(
                "strongAs",
                null,
                $"{Named(other)} has entries that cannot be read.",
                "a drink that this bar can pour"
            );
        }

        var strengths = Strengths(Mixer.Mix(another.Value, bar));
        if (strengths.Reference is not > 0)
        {
            return Problem.At("strongAs", null, $"{Named(other)} has no coffee in it.", "a drink with coffee");
        }

        var worked = SizeWork.SettleAll(build, bar, build.School.Scaling);
        var reference = worked.Single(size => size.Size.Cup.Id == build.ReferenceSize);
        var amounts = new Dictionary<LineId, Dictionary<CupId, double>>();
        List<string> said = [];
        foreach (var own in worked)
        {
            var wanted = strengths.ByCup.GetValueOrDefault(own.Size.Cup.Id, strengths.Reference.Value) / 100;
            var goal = new Goal(bar.House, build.Serve, reference, own, wanted);
            var found = new Search(own, goal, only: IsCoffeeOrFiller).Best();
            if (found.Count == 0 || !own.Lines.Any(line => line.Ingredient.CoffeeShare > 0 && VariedLines.Has(line)))
            {
                return Problem.At(
                    "strongAs",
                    null,
                    $"The coffee in {own.Size.Cup.Name} cannot be changed.",
                    "a drink with coffee that is measured, not filled up to a line"
                );
            }

            foreach (var line in own.Lines.Where(line => VariedLines.Has(line) && IsCoffeeOrFiller(line)))
            {
                var sizes = amounts.TryGetValue(line.Line.Id, out var known) ? known : amounts[line.Line.Id] = [];
                sizes[own.Size.Cup.Id] = found[0].Amounts[line.Index];
            }

            if (Far(own, found[0].Amounts, wanted) is { } sentence)
            {
                said.Add(sentence);
            }
        }

        return Reading<ChangedBuild>.Of(new(EverySizeAmounts.Put(document, before, amounts, bar), said));
    }

    private static bool IsCoffeeOrFiller(WorkedLine line) =>
        line.Ingredient.Kind
            is IngredientKind.Espresso
                or IngredientKind.Coffee
                or IngredientKind.Milk
                or IngredientKind.Water;

    // A sentence if nothing that the bar can pour comes close enough.
    private static string? Far(WorkedSize own, double[] amounts, double wanted)
    {
        var strength = own.With(amounts).Strength;
        return Drift.Of(wanted, strength) is { } drift && Math.Abs(drift.Value) > Noticeable
            ? $"{own.Size.Cup.Name} comes to {strength * 100:0.00} % and not to {wanted * 100:0.00} %: "
                + "nothing nearer can be poured and fits the cup."
            : null;
    }

    private static (double? Reference, IReadOnlyDictionary<CupId, double> ByCup) Strengths(BuildSheet sheet) =>
        (
            sheet.Sizes.Single(size => size.IsReference).Taste.Poured.Strength?.Value,
            sheet
                .Sizes.Where(size => size.Taste.Poured.Strength is not null)
                .ToDictionary(size => size.Size, size => size.Taste.Poured.Strength!.Value.Value)
        );

    private static string Named(BuildDocument build) =>
        string.IsNullOrWhiteSpace(build.Name) ? "The other drink" : build.Name;
}
