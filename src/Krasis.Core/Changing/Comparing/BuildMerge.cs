using Krasis.Core.Bar;
using Krasis.Core.Builds;

namespace Krasis.Core.Changing.Comparing;

/// <summary>Lays two people's changes of one build on one another, so that neither is lost.</summary>
public sealed class BuildMerge
{
    private readonly BuildWords words;
    private readonly IReadOnlyDictionary<string, MergeChoice> choices;
    private readonly List<Clash> clashes = [];

    private BuildMerge(BarFacts bar, IReadOnlyDictionary<string, MergeChoice> choices)
    {
        words = new BuildWords(bar);
        this.choices = choices;
    }

    /// <summary>Merges two versions. What only one person changed is taken as they have it. What both changed
    /// differently is a clash: it is taken as chosen, and as mine where nobody has chosen yet. A line or entry that one
    /// removed and the other changed is a clash too, and stays where nobody has chosen yet.</summary>
    /// <param name="origin">The build that both started from.</param>
    /// <param name="mine">What one person made of it.</param>
    /// <param name="theirs">What the other made of it.</param>
    /// <param name="bar">The bar, for the names of things.</param>
    /// <param name="choices">The answers so far, by <see cref="Clash.Key"/>; keys that do not clash are ignored.</param>
    public static Merged Of(
        BuildDocument origin,
        BuildDocument mine,
        BuildDocument theirs,
        BarFacts bar,
        IReadOnlyDictionary<string, MergeChoice>? choices = null
    )
    {
        var merge = new BuildMerge(bar, choices ?? new Dictionary<string, MergeChoice>());
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

        var reference = Pick(
            nameof(BuildDocument.ReferenceSize),
            "Reference size",
            build => build.ReferenceSize,
            words.Cup
        );
        return mine with
        {
            Name = Pick(nameof(BuildDocument.Name), "Name", build => build.Name, name => name ?? ""),
            ReserveMm = Pick(
                nameof(BuildDocument.ReserveMm),
                "Reserve",
                build => build.ReserveMm,
                BuildWords.Millimetres
            ),
            Sizes = sizes,
            ReferenceSize = sizes.Contains(reference ?? "") ? reference : sizes.FirstOrDefault(),
            School = Pick(nameof(BuildDocument.School), "Other sizes follow", build => build.School, BuildWords.School),
            Serve = Pick(nameof(BuildDocument.Serve), "Served", build => build.Serve, BuildWords.Serve),
            Season = Pick(nameof(BuildDocument.Season), "On the board", build => build.Season, BuildWords.Season),
            Tags = Words(origin.Tags, mine.Tags, theirs.Tags),
            Claims = Words(origin.Claims, mine.Claims, theirs.Claims),
            SeenColour = Pick(
                nameof(BuildDocument.SeenColour),
                "Colour as seen",
                build => build.SeenColour,
                colour => colour ?? BuildWords.None
            ),
            Parent = Pick(
                nameof(BuildDocument.Parent),
                "Variant of",
                build => build.Parent,
                parent => parent?.How ?? BuildWords.None
            ),
            Prices =
            [
                .. Entries(
                        nameof(BuildDocument.Prices),
                        [.. origin.Prices],
                        [.. mine.Prices],
                        [.. theirs.Prices],
                        price => price.Size ?? "",
                        price => $"{words.Cup(price.Size)}, price",
                        price => words.Money(price.Price)
                    )
                    .Where(price => sizes.Contains(price.Size ?? "")),
            ],
            Waivers = Entries(
                nameof(BuildDocument.Waivers),
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
                        (line, byOther) => StaysHalfRemoved(KeyOf(line), Name(line), byOther)
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

        T Pick<T>(string field, string where, Func<BuildDocument, T> of, Func<T, string> say) =>
            Choose(field, where, of(origin), of(mine), of(theirs), say);
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
            Ingredient = Pick(nameof(LineDocument.Ingredient), "what it is", line => line.Ingredient, words.Ingredient),
            Measure = Pick(nameof(LineDocument.Measure), "measure", line => line.Measure, BuildWords.Measure),
            Amount = Choose(
                $"{KeyOf(mine)}/{nameof(LineDocument.Amount)}",
                $"{name}, amount",
                was.Amount,
                mine.Amount,
                theirs.Amount,
                amount => BuildWords.InMeasure(amount, mine.Measure),
                amount => BuildWords.InMeasure(amount, theirs.Measure)
            ),
            To = Pick(nameof(LineDocument.To), "filled to", line => line.To, mark => mark ?? BuildWords.None),
            Recipe = Pick(
                nameof(LineDocument.Recipe),
                "recipe",
                line => line.Recipe,
                recipe => words.Recipe(mine with { Recipe = recipe })
            ),
            Technique = Pick(
                nameof(LineDocument.Technique),
                "how it goes in",
                line => line.Technique,
                BuildWords.Technique
            ),
            Cooling = Pick(nameof(LineDocument.Cooling), "how it is cooled", line => line.Cooling, BuildWords.Cooling),
            CooledCelsius = Pick(
                nameof(LineDocument.CooledCelsius),
                "cooled to",
                line => line.CooledCelsius,
                BuildWords.Degrees
            ),
            SteamedCelsius = Pick(
                nameof(LineDocument.SteamedCelsius),
                "steamed to",
                line => line.SteamedCelsius,
                BuildWords.Degrees
            ),
            Foam = Pick(nameof(LineDocument.Foam), "foam", line => line.Foam, words.Foam),
            FoamCapMm = Pick(
                nameof(LineDocument.FoamCapMm),
                "foam on it",
                line => line.FoamCapMm,
                BuildWords.Millimetres
            ),
            Scale = Pick(
                nameof(LineDocument.Scale),
                "how it scales",
                line => line.Scale,
                scale => words.Rule(scale, lines)
            ),
            Stated = Pick(
                nameof(LineDocument.Stated),
                "said again as",
                line => line.Stated,
                text => text ?? BuildWords.None
            ),
            Note = Pick(nameof(LineDocument.Note), "note", line => line.Note, text => text ?? BuildWords.None),
            Pins = Entries(
                $"{KeyOf(mine)}/{nameof(LineDocument.Pins)}",
                [.. was.Pins],
                [.. mine.Pins],
                [.. theirs.Pins],
                pin => pin.Size ?? "",
                pin => $"{words.Cup(pin.Size)}, {name}",
                pin => BuildWords.Amount(pin, mine.Measure),
                pin => BuildWords.Amount(pin, theirs.Measure)
            ),
        };

        T Pick<T>(string field, string what, Func<LineDocument, T> of, Func<T, string> say) =>
            Choose($"{KeyOf(mine)}/{field}", $"{name}, {what}", of(was), of(mine), of(theirs), say);
    }

    private List<T> Entries<T>(
        string list,
        T[] origin,
        T[] mine,
        T[] theirs,
        Func<T, string> key,
        Func<T, string> name,
        Func<T, string> say,
        Func<T, string>? sayTheirs = null
    )
        where T : class =>
        KeyedMerge.Of(
            origin,
            mine,
            theirs,
            key,
            (was, my, their) =>
                Choose($"{list}/{key(my)}", name(my), was ?? their, my, their, say, sayTheirs, isNew: was is null),
            (entry, byOther) => StaysHalfRemoved($"{list}/{key(entry)}", name(entry), byOther)
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

    private T Choose<T>(
        string key,
        string where,
        T origin,
        T mine,
        T theirs,
        Func<T, string> say,
        Func<T, string>? sayTheirs = null,
        bool isNew = false
    )
    {
        if (Sameness.Of(mine, theirs) || (!isNew && Sameness.Of(origin, theirs)))
        {
            return mine;
        }

        if (!isNew && Sameness.Of(origin, mine))
        {
            return theirs;
        }

        clashes.Add(new Clash(key, where, (sayTheirs ?? say)(theirs), say(mine)));
        return choices.GetValueOrDefault(key) == MergeChoice.Theirs ? theirs : mine;
    }

    private bool StaysHalfRemoved(string key, string where, bool removedByOther)
    {
        var (theirs, mine) = removedByOther ? ("removed", "changed") : ("changed", "removed");
        clashes.Add(new Clash(key, where, theirs, mine));
        var removal = removedByOther ? MergeChoice.Theirs : MergeChoice.Mine;
        return !(choices.TryGetValue(key, out var choice) && choice == removal);
    }

    private static string KeyOf(LineDocument line) => $"{nameof(BuildDocument.Lines)}/{line.Id}";

    private string Name(LineDocument line) => words.Ingredient(line.Ingredient);
}
