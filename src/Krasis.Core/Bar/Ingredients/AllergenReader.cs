using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Ingredients;

/// <summary>Reads what a label says of allergens.</summary>
public static class AllergenReader
{
    /// <summary>The longest name of a reader, in characters.</summary>
    public const int LongestName = 80;

    /// <summary>Reads a statement.</summary>
    /// <param name="document">The document, or null when nobody has looked.</param>
    /// <param name="fields">Takes the problems, under the field <c>allergens</c>.</param>
    internal static AllergenStatement Read(AllergenDocument? document, FieldReader fields)
    {
        if (document is null)
        {
            return AllergenStatement.Unread;
        }

        _ = fields.Note("allergens.source", document.Source);
        _ = fields.Note("allergens.by", document.By, LongestName);
        var on = fields.Day("allergens.on", document.On);
        var contains = ReadSet(document.Contains, "allergens.contains", fields);
        var mayContain = ReadSet(document.MayContain, "allergens.mayContain", fields);
        var lists = contains.Count + mayContain.Count > 0;
        if (document.NamesNone && lists)
        {
            fields.Report(
                "allergens.namesNone",
                "true",
                "Allergens are listed, and it is also said that the label names none.",
                "either the allergens or that the label names none"
            );
        }

        return new AllergenStatement(contains, mayContain, on is not null && (lists || document.NamesNone));
    }

    /// <summary>Checks a statement that is being saved: a reading date needs the reader's name.</summary>
    /// <param name="before">The statement saved before; null if there was none.</param>
    /// <param name="now">The statement to save.</param>
    /// <returns>The problems. None if nothing changed, or if there is no date: the label counts as unread then.</returns>
    public static IReadOnlyList<Problem> Missing(AllergenDocument? before, AllergenDocument? now) =>
        now?.On is null || !string.IsNullOrWhiteSpace(now.By) || IsSame(before, now)
            ? []
            :
            [
                new Problem(
                    "allergens.by",
                    null,
                    "Read by is empty, and the label has a reading date.",
                    "the name of the person who read it"
                ),
            ];

    /// <summary>Says what to enter before the label counts as read; null if nothing is missing, or if nobody has started
    /// entering it.</summary>
    public static string? StillLacks(AllergenDocument? document)
    {
        if (document is null)
        {
            return null;
        }

        List<string> lacks = [];
        if (string.IsNullOrWhiteSpace(document.By))
        {
            lacks.Add("who read it");
        }

        if (document.On is null)
        {
            lacks.Add("on which day");
        }

        if (!document.NamesNone && document.Contains.Count + document.MayContain.Count == 0)
        {
            lacks.Add("what it lists, or that it names none");
        }

        return lacks.Count == 0 ? null : $"The label counts as unread until you enter {Say.List(lacks)}.";
    }

    private static bool IsSame(AllergenDocument? before, AllergenDocument now) =>
        before is not null
        && before.NamesNone == now.NamesNone
        && before.On == now.On
        && before.By == now.By
        && before.Contains.SequenceEqual(now.Contains)
        && before.MayContain.SequenceEqual(now.MayContain);

    private static HashSet<Allergen> ReadSet(IReadOnlyList<string> words, string field, FieldReader fields) =>
        [
            .. words
                .Select((word, index) => fields.Word($"{field}[{index}]", word, Allergen.Milk))
                .SelectMany(AllergenLists.WithFamily),
        ];
}
