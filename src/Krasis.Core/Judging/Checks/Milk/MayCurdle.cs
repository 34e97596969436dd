using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;

namespace Krasis.Core.Judging.Checks.Milk;

/// <summary>Something acid, or raw ginger, meets milk or soy, which may curdle: milk protein sets at about pH 4.6 (its
/// isoelectric point, from memory of food chemistry).</summary>
internal sealed class MayCurdle() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "may-curdle";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        if (!at.Ingredient.CurdlesMilk || !at.Line.IsInside)
        {
            return null;
        }

        // An unread milk could be dairy or soy.
        var milk = at.Worked.Lines.FirstOrDefault(line =>
            line.IsPoured
            && line.IsInside
            && line.Ingredient is { Kind: IngredientKind.Milk, Allergens: var label }
            && (Has(label, Allergen.Milk) || Has(label, Allergen.Soya))
        );
        return milk is null
            ? null
            : Found(
                at,
                Severity.Warning,
                $"{at.Ingredient.Name} may curdle {milk.Ingredient.Name}. Try it first, or use a milk that does not curdle, such as oat."
            );
    }

    private static bool Has(AllergenStatement label, Allergen allergen) =>
        label.Of(allergen) is Presence.Contains or Presence.Unknown;
}
