using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Builds;
using Krasis.Recipes.Finding;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes.Drafting;

/// <summary>A recipe as far as it has been read.</summary>
internal sealed class Drafted
{
    private readonly BarDocument whole;
    private readonly IReadOnlyList<NameChoice> choices;
    private readonly List<PartDocument> parts = [];

    public Drafted(BarDocument whole, BarFacts bar, IReadOnlyList<NameChoice> choices)
    {
        (this.whole, this.choices, Bar) = (whole, choices, bar);
        Names = NamesNow();
        Sizes = new SizeFinder(bar);
    }

    /// <summary>The bar, with the parts that the recipe has said how to make.</summary>
    public BarFacts Bar { get; private set; }

    public NameFinder Names { get; private set; }

    public SizeFinder Sizes { get; }

    public List<DraftedLine> Lines { get; } = [];

    /// <summary>The line that what has no name of its own is said of.</summary>
    public DraftedLine? Current { get; set; }

    /// <summary>The line whose other sizes may be said next: "16 oz: 3 pumps, 20 oz: 4". Null once something was not
    /// understood.</summary>
    public DraftedLine? Continued { get; set; }

    /// <summary>The size that is spoken of; <see cref="DraftedLine.AnySize"/> where none is.</summary>
    public string Size { get; set; } = DraftedLine.AnySize;

    /// <summary>Whether the size that is spoken of is none of the bar's, so that nothing of it can be kept.</summary>
    public bool IsSizeUnknown { get; set; }

    public List<string> SizesSaid { get; } = [];

    public Serve? Serve { get; set; }

    public string? Name { get; set; }

    public List<string> Assumed { get; } = [];

    public List<UnknownName> Unknown { get; } = [];

    public IReadOnlyList<PartDocument> Parts => parts;

    /// <summary>The makings of a part that the house has; null where it has none of that id.</summary>
    public PartDocument? PartOf(IngredientId id) =>
        whole.Parts.Concat(parts).FirstOrDefault(part => part.Id == id.Value);

    /// <summary>The first of the house's parts that is so; null where none is.</summary>
    public Ingredient? PartLike(Func<PartDocument, bool> isSo) =>
        whole.Parts.FirstOrDefault(isSo) is { Id: { } id } ? Bar.Find(new IngredientId(id)) : null;

    public bool HasName(string name) =>
        Bar.Ingredients.Any(ingredient => string.Equals(ingredient.Name, name, StringComparison.OrdinalIgnoreCase));

    /// <summary>Makes a part one of the bar's for this recipe.</summary>
    /// <returns>It as an ingredient, or why it cannot be one.</returns>
    public (Ingredient? Made, string? Problem) Add(PartDocument part)
    {
        var own = part with { Id = $"new-part-{parts.Count + 1}" };
        var reading = BarReader.Read(whole with { Parts = [.. whole.Parts, .. parts, own] });
        if (!reading.IsRead)
        {
            return (null, reading.Problems[0].Message);
        }

        parts.Add(own);
        Bar = reading.Value;
        Names = NamesNow();
        return (Bar.Find(new IngredientId(own.Id)), null);
    }

    private NameFinder NamesNow() =>
        new(Bar, whole.Parts.Concat(parts).Select(part => part.Id ?? "").ToHashSet(StringComparer.Ordinal), choices);

    /// <summary>Asks what a name means here.</summary>
    /// <param name="said">The name.</param>
    /// <param name="taken">The id of what it was taken for; null for nothing.</param>
    public void Ask(string said, string? taken)
    {
        if (
            said.Length > 0
            && !Unknown.Exists(one => string.Equals(one.Said, said, StringComparison.OrdinalIgnoreCase))
        )
        {
            Unknown.Add(new UnknownName(said, taken));
        }
    }

    public void Speak(string size)
    {
        (Size, IsSizeUnknown) = (size, false);
        if (!SizesSaid.Contains(size))
        {
            SizesSaid.Add(size);
        }
    }
}
