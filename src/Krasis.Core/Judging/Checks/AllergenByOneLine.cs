using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>An allergen is in the drink only because of one milk or topping.</summary>
internal sealed class AllergenByOneLine : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "allergen-by-one";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (!size.IsReference)
        {
            yield break;
        }

        foreach (var found in size.Allergens.Found.Where(found => !found.IsTrace && found.Lines.Count == 1))
        {
            var line = worked.Lines.First(line => line.Line.Id == found.Lines[0]);
            if (line.Ingredient.Kind == IngredientKind.Milk || line.IsOnTop)
            {
                yield return new Finding(
                    Name,
                    Severity.Note,
                    size.Size,
                    line.Line.Id,
                    $"{size.Name}: only {line.Ingredient.Name} brings in {found.Name}. Shared equipment still carries traces.",
                    line.IsOnTop ? Mend.Lines($"Leave {line.Ingredient.Name} out", new LineChange(line.Line.Id, LineField.Remove, null)) : null);
            }
        }
    }
}
