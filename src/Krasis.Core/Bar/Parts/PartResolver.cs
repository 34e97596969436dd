using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Parts;

/// <summary>Makes ingredients of parts, the innermost first.</summary>
/// <param name="bought">The ingredients that are bought.</param>
/// <param name="parts">The parts, by their place in the document.</param>
/// <param name="fields">Takes the problems, under fields such as <c>parts[2].lines[0].ingredient</c>.</param>
internal sealed class PartResolver(
    IEnumerable<Ingredient> bought,
    IReadOnlyDictionary<int, Part> parts,
    FieldReader fields
)
{
    private readonly Dictionary<IngredientId, Ingredient> known = bought.ToDictionary(ingredient => ingredient.Id);
    private readonly Dictionary<IngredientId, (int Index, Part Part)> open = parts.ToDictionary(
        part => part.Value.Id,
        part => (part.Key, part.Value)
    );
    private readonly List<IngredientId> path = [];

    /// <summary>The parts as ingredients, in the document's order; fewer where there were problems.</summary>
    public IReadOnlyList<Ingredient> Resolve() => [.. parts.Values.Select(part => Find(part.Id)).OfType<Ingredient>()];

    private Ingredient? Find(IngredientId id)
    {
        if (known.TryGetValue(id, out var ingredient))
        {
            return ingredient;
        }

        if (!open.TryGetValue(id, out var entry))
        {
            return null;
        }

        if (path.IndexOf(id) is >= 0 and var start)
        {
            var loop = string.Join(
                " → ",
                path.Skip(start)
                    .Append(id)
                    .Select(step => open.TryGetValue(step, out var part) ? part.Part.Name : step.Value)
            );
            fields.Report(
                $"parts[{entry.Index}].lines",
                entry.Part.Name,
                $"{entry.Part.Name} contains itself: {loop}.",
                "parts that lead down to bought ingredients"
            );
            return null;
        }

        path.Add(id);
        var made = Make(entry.Index, entry.Part);
        path.RemoveAt(path.Count - 1);
        if (made is not null)
        {
            known[id] = made;
        }
        else
        {
            // Told once: whatever needs it is not told again.
            open.Remove(id);
        }

        return made;
    }

    private Ingredient? Make(int index, Part part)
    {
        var shares = new List<(Ingredient Ingredient, Grams Mass)>();
        for (var i = 0; i < part.Lines.Count; i++)
        {
            var line = part.Lines[i];
            var wasKnown = known.ContainsKey(line.Ingredient) || open.ContainsKey(line.Ingredient);
            if (Find(line.Ingredient) is { } ingredient)
            {
                shares.Add((ingredient, line.MassAt(ingredient.Density)));
            }
            else if (!wasKnown && !parts.Values.Any(other => other.Id == line.Ingredient))
            {
                fields.Report(
                    $"parts[{index}].lines[{i}].ingredient",
                    line.Ingredient.Value,
                    $"The bar has no ingredient or part '{Problem.Shorten(line.Ingredient.Value)}'.",
                    "an ingredient or part of the bar"
                );
            }
        }

        return shares.Count == part.Lines.Count ? Blend.Of(part, shares) : null;
    }
}
