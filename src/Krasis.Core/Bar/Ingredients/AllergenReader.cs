using Krasis.Core.Input;

namespace Krasis.Core.Bar.Ingredients;

/// <summary>Reads what a label says of allergens.</summary>
internal static class AllergenReader
{
    /// <summary>Reads a statement.</summary>
    /// <param name="document">The document, or null when nobody has looked.</param>
    /// <param name="fields">Takes the problems, under the field <c>allergens</c>.</param>
    public static AllergenStatement? Read(AllergenDocument? document, FieldReader fields)
    {
        if (document is null)
        {
            return null;
        }

        _ = fields.Note("allergens.source", document.Source);
        _ = fields.Day("allergens.on", document.On);
        return new AllergenStatement(
            ReadSet(document.Contains, "allergens.contains", fields),
            ReadSet(document.MayContain, "allergens.mayContain", fields)
        );
    }

    private static HashSet<Allergen> ReadSet(IReadOnlyList<string> words, string field, FieldReader fields) =>
        [
            .. words
                .Select((word, index) => fields.Word($"{field}[{index}]", word, Allergen.Milk))
                .SelectMany(AllergenLists.WithFamily),
        ];
}
