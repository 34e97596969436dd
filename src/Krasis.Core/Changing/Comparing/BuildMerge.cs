using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Comparing;

/// <summary>Lays two people's changes of one build on one another, so that neither is lost.</summary>
public sealed class BuildMerge
{
    private const string None = "–";

    private readonly BarFacts bar;
    private readonly List<Difference> clashes = [];

    private BuildMerge(BarFacts bar) => this.bar = bar;

    /// <summary>Merges. What only one has changed is as that one has it; what both have changed another way is as mine has it,
    /// and is told. An entry that one has taken out and the other has changed stays, and is told.</summary>
    /// <param name="origin">The build that both began with.</param>
    /// <param name="mine">What one has made of it.</param>
    /// <param name="theirs">What the other has made of it.</param>
    /// <param name="bar">The bar, for the names of things.</param>
    public static Merged Of(BuildDocument origin, BuildDocument mine, BuildDocument theirs, BarFacts bar)
    {
        var merge = new BuildMerge(bar);
        return new Merged(merge.Whole(origin, mine, theirs), merge.clashes);
    }

    private BuildDocument Whole(BuildDocument origin, BuildDocument mine, BuildDocument theirs)
    {
        var sizes = Words(origin.Sizes, mine.Sizes, theirs.Sizes);
        if (sizes.Count == 0)
        {
            // Each has taken off what the other left: a build has to be in something.
            sizes = [.. mine.Sizes];
        }

        var reference = Pick("Reference size", build => build.ReferenceSize, CupName);
        return new BuildDocument
        {
            Name = Pick("Name", build => build.Name, name => name ?? ""),
            ReserveMm = Pick("Reserve", build => build.ReserveMm, mm => $"{Say.Short(mm ?? 0)} mm"),
            Sizes = sizes,
            ReferenceSize = sizes.Contains(reference ?? "") ? reference : sizes.FirstOrDefault(),
            School = Pick("Other sizes follow", build => build.School, code => code ?? None),
            Serve = Pick("Served", build => build.Serve, word => word ?? "as its ice says"),
            Season = Pick("On the board", build => build.Season, season => season is null ? "all year" : $"{season.From} to {season.To}"),
            Tags = Words(origin.Tags, mine.Tags, theirs.Tags),
            Parent = Pick("Variant of", build => build.Parent, parent => parent?.Build ?? None),
            Prices =
            [
                .. Entries([.. origin.Prices], [.. mine.Prices], [.. theirs.Prices], price => price.Size ?? "", price => $"{CupName(price.Size)}, price", price => Number(price.Price))
                    .Where(price => sizes.Contains(price.Size ?? "")),
            ],
            Waivers = Entries(
                [.. origin.Waivers], [.. mine.Waivers], [.. theirs.Waivers], waiver => $"{waiver.Check} {waiver.Size} {waiver.Line}", waiver => $"Let be: {waiver.Check}", waiver => waiver.Reason ?? ""),
            Lines =
            [
                .. KeyedMerge.Of(
                    [.. origin.Lines], [.. mine.Lines], [.. theirs.Lines], line => line.Id ?? "", Line, (line, byOther) => HalfGone(Name(line), byOther))
                    .Select(line => line with { Pins = Kept(line.Pins), Scale = line.Scale is { } scale ? scale with { Ladder = Kept(scale.Ladder) } : null }),
            ],
        };

        // What is said of a size that goes, goes with it.
        IReadOnlyList<PinDocument> Kept(IReadOnlyList<PinDocument> pins) => [.. pins.Where(pin => sizes.Contains(pin.Size ?? ""))];

        T Pick<T>(string where, Func<BuildDocument, T> of, Func<T, string> say) => Choose(where, of(origin), of(mine), of(theirs), say);
    }

    private LineDocument Line(LineDocument? origin, LineDocument mine, LineDocument theirs)
    {
        if (Sameness.Of(mine, theirs))
        {
            return mine;
        }

        var was = origin ?? new LineDocument();
        var name = Name(mine);
        return new LineDocument
        {
            Id = mine.Id,
            Ingredient = Pick("what it is", line => line.Ingredient, IngredientName),
            Measure = Pick("measure", line => line.Measure, code => code ?? None),
            Amount = Pick("amount", line => line.Amount, Number),
            Technique = Pick("how it goes in", line => line.Technique, word => word ?? "pour"),
            Foam = Pick("foam", line => line.Foam, code => code ?? None),
            Scale = Pick("how it scales", line => line.Scale, scale => scale?.By ?? "as the build"),
            Stated = Pick("stated", line => line.Stated, text => text ?? None),
            Note = Pick("note", line => line.Note, text => text ?? None),
            Pins = Entries(
                [.. was.Pins], [.. mine.Pins], [.. theirs.Pins], pin => pin.Size ?? "", pin => $"{CupName(pin.Size)}, {name}", pin => Number(pin.Amount)),
        };

        T Pick<T>(string what, Func<LineDocument, T> of, Func<T, string> say) => Choose($"{name}, {what}", of(was), of(mine), of(theirs), say);
    }

    private List<T> Entries<T>(T[] origin, T[] mine, T[] theirs, Func<T, string> key, Func<T, string> name, Func<T, string> say)
        where T : class => KeyedMerge.Of(
            origin, mine, theirs, key, (was, my, their) => Choose(name(my), was ?? their, my, their, say, isNew: was is null), (entry, byOther) => HalfGone(name(entry), byOther));

    // Words have nothing in them to change, so that one taken out by either is out.
    private static List<string> Words(IReadOnlyList<string> origin, IReadOnlyList<string> mine, IReadOnlyList<string> theirs) =>
    [
        .. KeyedMerge.Order(origin, mine, theirs).Where(word => !origin.Contains(word) || (mine.Contains(word) && theirs.Contains(word))),
    ];

    private T Choose<T>(string where, T origin, T mine, T theirs, Func<T, string> say, bool isNew = false)
    {
        if (Sameness.Of(mine, theirs) || (!isNew && Sameness.Of(origin, theirs)))
        {
            return mine;
        }

        if (!isNew && Sameness.Of(origin, mine))
        {
            return theirs;
        }

        clashes.Add(new Difference(where, say(theirs), say(mine)));
        return mine;
    }

    private void HalfGone(string where, bool byOther) =>
        clashes.Add(byOther ? new Difference(where, "taken out", "changed, and still in it") : new Difference(where, "changed", "still in it"));

    private string Name(LineDocument line) => IngredientName(line.Ingredient);

    private string IngredientName(string? id) => bar.Find(new IngredientId(id ?? ""))?.Name ?? id ?? "";

    private string CupName(string? id) => bar.Find(new CupId(id ?? ""))?.Name ?? id ?? "";

    private static string Number(double? value) => value is { } known ? Say.Fine(known) : None;
}
