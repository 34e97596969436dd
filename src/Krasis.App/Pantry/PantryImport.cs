using Krasis.Core.Bar.Ingredients;
using Krasis.Exchange.Pantry;
using Krasis.Store;

namespace Krasis.App.Pantry;

/// <summary>Reads files of ingredients against the house.</summary>
public static class PantryImport
{
    public static IReadOnlyList<IngredientDocument> Kept(KrasisFile file) =>
        file.Read(session => session.Bar.Whole().Ingredients);

    public static List<PantryRow> Good(PantryFile file) => [.. file.Rows.Where(row => row.Problems.Count == 0)];

    public static List<IngredientDocument> Laid(
        IReadOnlyList<IngredientDocument> kept,
        List<PantryRow> rows,
        Func<PantryRow, string> id
    )
    {
        var byId = rows.ToDictionary(id, row => row.Document with { Id = id(row) });
        return
        [
            .. kept.Select(known => byId.Remove(known.Id ?? "", out var changed) ? changed : known),
            .. byId.Values,
        ];
    }

    public static PantryRowState StateOf(PantryRow row, IReadOnlyList<IngredientDocument> kept) =>
        row.Problems.Count > 0 ? PantryRowState.Bad
        : row.Known is null ? PantryRowState.New
        : PantryJson.Write([row.Document]) == PantryJson.Write([kept.First(known => known.Id == row.Known)])
            ? PantryRowState.Same
        : PantryRowState.Changed;
}
