using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>The card says an amount in two measures, and they are not the same at this bar: "2 strokes or 50 ml" on a pump of
/// 7.5 ml.</summary>
internal sealed class StatedPairContradicts : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "stated-pair";

    /// <summary>How far apart two statements of one amount may be, as a share: a stroke is no jigger (common practice, no
    /// source).</summary>
    public const double Tolerance = 0.10;

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (!size.IsReference)
        {
            yield break;
        }

        for (var i = 0; i < worked.Lines.Count; i++)
        {
            var line = worked.Lines[i];
            if (line.Line.Stated is not { } stated || !Contradict(line.Line.Set, stated, line.Ingredient, setting.Bar))
            {
                continue;
            }

            var set = Dosing.Convert(line.Line.Set, stated.Measure, line.Ingredient, setting.Bar, "stated");
            var same = set.IsRead ? new Quantity(Math.Round(set.Value.Amount, 1), stated.Measure).ToString() : null;
            yield return new Finding(
                Name,
                Severity.Warning,
                size.Size,
                line.Line.Id,
                $"{size.Name}: {line.Line.Set} of {line.Ingredient.Name} is said to be {stated}, but at this bar it is {same ?? "something else"}.",
                Mend.Lines(same is null ? "Say it once only" : $"Say {same}", new LineChange(line.Line.Id, LineField.Stated, same)));
        }
    }

    /// <summary>Whether two amounts of an ingredient are further apart than <see cref="Tolerance"/> of the larger one.</summary>
    public static bool Contradict(Quantity one, Quantity other, Ingredient ingredient, BarFacts bar)
    {
        var (a, b) = (Dosing.Mass(one, ingredient, bar).Value, Dosing.Mass(other, ingredient, bar).Value);
        return Math.Abs(a - b) > Tolerance * Math.Max(a, b);
    }
}
