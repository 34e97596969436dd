using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks.Selling;

/// <summary>Allergens are in the drink only because of one milk or topping: one finding a line. Nothing is said to be
/// the only one while another line has not been read or may contain it.</summary>
internal sealed class AllergenByOneLine() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "allergen-by-one";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        var line = at.Line;
        if (line.Ingredient.Kind != IngredientKind.Milk && !line.IsOnTop)
        {
            return null;
        }

        var own = line.Ingredient.Allergens;

        var others = at
            .Worked.Lines.Where(other => other.IsPoured && other.Index != line.Index)
            .Select(other => other.Ingredient.Allergens)
            .ToList();
        if (others.Exists(other => !other.IsRead))
        {
            return null;
        }

        var only = at
            .Size.Inside.Allergens.Found.Where(found =>
                !found.IsTrace
                && own.Contains.Contains(found.Allergen)
                && others.TrueForAll(other =>
                    !other.Contains.Contains(found.Allergen) && !other.MayContain.Contains(found.Allergen)
                )
            )
            .Select(found => found.Name)
            .ToList();
        return only.Count == 0
            ? null
            : Found(
                at,
                Severity.Note,
                $"only {line.Ingredient.Name} brings in {Say.List(only)}. Shared equipment still carries traces.",
                line.IsOnTop ? at.Change($"Leave {line.Ingredient.Name} out", LineField.Remove, null) : null
            );
    }
}
