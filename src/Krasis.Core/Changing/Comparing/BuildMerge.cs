using Krasis.Core.Bar;
using Krasis.Core.Builds;

namespace Krasis.Core.Changing.Comparing;

/// <summary>Lays two people's changes of one build on one another, so that neither is lost.</summary>
public sealed class BuildMerge
{
    private readonly BuildWords words;
    private readonly List<Difference> clashes = [];

    private BuildMerge(BarFacts bar) => words = new BuildWords(bar);

    /// <summary>Merges. What only one has changed is as that one has it; what both have changed another way is as mine
    /// has it, and is told. An entry that one has taken out and the other has changed stays, and is told.</summary>
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

        var reference = Pick("Reference size", build => build.ReferenceSize, words.Cup);
        return mine with
        {
            Name = Pick("Name", build => build.Name, name => name ?? ""),
            ReserveMm = Pick("Reserve", build => build.ReserveMm, BuildWords.Millimetres),
            Sizes = sizes,
            ReferenceSize = sizes.Contains(reference ?? "") ? reference : sizes.FirstOrDefault(),
            School = Pick("Other sizes follow", build => build.School, BuildWords.School),
            Serve = Pick("Served", build => build.Serve, BuildWords.Serve),
            Season = Pick("On the board", build => build.Season, BuildWords.Season),
            Tags = Words(origin.Tags, mine.Tags, theirs.Tags),
            Claims = Words(origin.Claims, mine.Claims, theirs.Claims),
            SeenColour = Pick("Colour as seen", build => build.SeenColour, colour => colour ?? BuildWords.None),
            Parent = Pick("Variant of", build => build.Parent, parent => parent?.How ?? BuildWords.None),
            Prices =
            [
                .. Entries(
                        [.. origin.Prices],
                        [.. mine.Prices],
                        [.. theirs.Prices],
                        price => price.Size ?? "",
                        price => $"{words.Cup(price.Size)}, price",
                        price => BuildWords.Number(price.Price)
                    )
                    .Where(price => sizes.Contains(price.Size ?? "")),
            ],
            Waivers = Entries(
                [.. origin.Waivers],
                [.. mine.Waivers],
                [.. theirs.Waivers],
                waiver => $"{waiver.Check} {waiver.Size} {waiver.Line}",
                waiver => $"Let be: {BuildWords.Check(waiver.Check)}",
                waiver => waiver.Reason ?? ""
            ),
            Lines =
            [
                .. KeyedMerge
                    .Of(
                        [.. origin.Lines],
                        [.. mine.Lines],
                        [.. theirs.Lines],
                        line => line.Id ?? "",
                        (was, my, their) => Line(was, my, their, [.. mine.Lines, .. theirs.Lines]),
                        (line, byOther) => HalfGone(Name(line), byOther)
                    )
                    .Select(line =>
                        line with
                        {
                            Pins = Kept(line.Pins),
                            Scale = line.Scale is { } scale ? scale with { Ladder = Kept(scale.Ladder) } : null,
                        }
                    ),
            ],
        };

        // What is said of a size that goes, goes with it.
        IReadOnlyList<PinDocument> Kept(IReadOnlyList<PinDocument> pins) =>
            [.. pins.Where(pin => sizes.Contains(pin.Size ?? ""))];

        T Pick<T>(string where, Func<BuildDocument, T> of, Func<T, string> say) =>
            Choose(where, of(origin), of(mine), of(theirs), say);
    }

    private LineDocument Line(
        LineDocument? origin,
        LineDocument mine,
        LineDocument theirs,
        IReadOnlyList<LineDocument> lines
    )
    {
        if (Sameness.Of(mine, theirs))
        {
            return mine;
        }

        var was = origin ?? new LineDocument();
        var name = Name(mine);
        return mine with
        {
            Ingredient = Pick("what it is", line => line.Ingredient, words.Ingredient),
            Measure = Pick("measure", line => line.Measure, BuildWords.Measure),
            Amount = Pick("amount", line => line.Amount, BuildWords.Number),
            To = Pick("filled to", line => line.To, mark => mark ?? BuildWords.None),
            Recipe = Pick("recipe", line => line.Recipe, recipe => words.Recipe(mine with { Recipe = recipe })),
            Technique = Pick("how it goes in", line => line.Technique, BuildWords.Technique),
            Cooling = Pick("how it is cooled", line => line.Cooling, BuildWords.Cooling),
            CooledCelsius = Pick("cooled to", line => line.CooledCelsius, BuildWords.Degrees),
            Foam = Pick("foam", line => line.Foam, words.Foam),
            FoamCapMm = Pick("foam on it", line => line.FoamCapMm, BuildWords.Millimetres),
            Scale = Pick("how it scales", line => line.Scale, scale => words.Rule(scale, lines)),
            Stated = Pick("said again as", line => line.Stated, text => text ?? BuildWords.None),
            Note = Pick("note", line => line.Note, text => text ?? BuildWords.None),
            Pins = Entries(
                [.. was.Pins],
                [.. mine.Pins],
                [.. theirs.Pins],
                pin => pin.Size ?? "",
                pin => $"{words.Cup(pin.Size)}, {name}",
                BuildWords.Amount
            ),
        };

        T Pick<T>(string what, Func<LineDocument, T> of, Func<T, string> say) =>
            Choose($"{name}, {what}", of(was), of(mine), of(theirs), say);
    }

    private List<T> Entries<T>(
        T[] origin,
        T[] mine,
        T[] theirs,
        Func<T, string> key,
        Func<T, string> name,
        Func<T, string> say
    )
        where T : class =>
        KeyedMerge.Of(
            origin,
            mine,
            theirs,
            key,
            (was, my, their) => Choose(name(my), was ?? their, my, their, say, isNew: was is null),
            (entry, byOther) => HalfGone(name(entry), byOther)
        );

    // Words have nothing in them to change, so that one taken out by either is out.
    private static List<string> Words(
        IReadOnlyList<string> origin,
        IReadOnlyList<string> mine,
        IReadOnlyList<string> theirs
    ) =>
        [
            .. KeyedMerge
                .Order(origin, mine, theirs)
                .Where(word => !origin.Contains(word) || (mine.Contains(word) && theirs.Contains(word))),
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
        clashes.Add(
            byOther
                ? new Difference(where, "taken out", "changed, and still in it")
                : new Difference(where, "changed", "still in it")
        );

    private string Name(LineDocument line) => words.Ingredient(line.Ingredient);
}
