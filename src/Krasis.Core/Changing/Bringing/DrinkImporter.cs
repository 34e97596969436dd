using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Changing.Moving;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Changing.Bringing;

/// <summary>Writes drinks of another house for this bar: what stands for a thing there takes its place, in as many
/// millilitres or grams as this bar can pour; what nothing stands for comes along.</summary>
public static class DrinkImporter
{
    private const string There = TwoBars.Mark;

    /// <summary>Brings drinks.</summary>
    /// <param name="builds">The drinks.</param>
    /// <param name="theirs">The facts that they rest on there.</param>
    /// <param name="own">The facts of this bar.</param>
    /// <param name="choices">What each of theirs is to be here (see <see cref="Matching"/>).</param>
    /// <param name="taken">Ids that are not free here beside those of its facts, such as those of facts that were
    /// removed.</param>
    /// <returns>The drinks, or what cannot be read, under <c>builds[1].lines[0].measure</c> and the like.</returns>
    public static Reading<Brought> Import(
        IReadOnlyList<BuildDocument> builds,
        BarDocument theirs,
        BarDocument own,
        IReadOnlyList<FactChoice> choices,
        IReadOnlyCollection<string>? taken = null
    )
    {
        theirs = TwoBars.AtItsFirst(theirs);
        var bag = new BundleDependencies(theirs, own, choices, taken ?? []);
        var here = BarReader.Read(bag.Here);
        var there = BarReader.Read(theirs);
        var both = BarReader.Read(TwoBars.Beside(bag.Here, theirs));
        if (new[] { there, here, both }.FirstOrDefault(bar => !bar.IsRead) is { } unread)
        {
            return Reading<Brought>.Failed(unread.Problems);
        }

        var (problems, drinks) = (new List<Problem>(), new List<BroughtDrink>());
        for (var i = 0; i < builds.Count; i++)
        {
            var said = new List<string>();
            var asIs = BuildReader.Read(builds[i], there.Value);
            var build = asIs.IsRead
                ? Write(builds[i], bag, choices, there.Value, both.Value, here.Value, said)
                : builds[i];
            var read = asIs.IsRead ? BuildReader.Read(build, here.Value) : asIs;
            if (!read.IsRead)
            {
                problems.AddRange(
                    read.Problems.Select(problem => problem with { Field = $"builds[{i}].{problem.Field}" })
                );
                continue;
            }

            var sheet = Mixer.Mix(read.Value, here.Value);
            var before = Renamed(Mixer.Mix(asIs.Value, there.Value), choices, bag);
            var same = before
                .Sizes.Where(size =>
                    IsSame(
                        CupThere(size.Size, choices, bag, both.Value),
                        here.Value.Cups.FirstOrDefault(cup => cup.Id == size.Size)
                    )
                )
                .Select(size => size.Size)
                .ToHashSet();
            var pinned = SameCups.Pin(build, before, sheet, same, here.Value);
            pinned = OtherCups.Pin(pinned, before, sheet, same, here.Value);
            if (pinned != build && BuildReader.Read(pinned, here.Value) is { IsRead: true } again)
            {
                (build, sheet) = (pinned, Mixer.Mix(again.Value, here.Value));
            }

            said.AddRange(TasteHere.Differs(before, sheet, here.Value.House));
            drinks.Add(new BroughtDrink(build, sheet, Pours.Of(before, sheet, null, here.Value.House).Sizes, said));
        }

        return problems.Count > 0
            ? Reading<Brought>.Failed(problems)
            : Reading<Brought>.Of(new Brought(drinks, bag.Added));
    }

    private static BuildDocument Write(
        BuildDocument build,
        BundleDependencies bag,
        IReadOnlyList<FactChoice> choices,
        BarFacts there,
        BarFacts both,
        BarFacts here,
        List<string> said
    )
    {
        var written = build with
        {
            Parent = null,
            Prices = [],
            Lines =
            [
                .. build
                    .Lines.Select(line => HouseStrokes.SpellOut(line, build, there))
                    .Select(line =>
                        line with
                        {
                            Ingredient = line.Ingredient is { } id ? bag.ComesAs(id) ?? There + id : null,
                            Recipe = bag.ComesAs(line.Recipe),
                            Foam = line.Foam is { } foam ? bag.ComesAs(foam) ?? OwnOf(foam, choices) : null,
                        }
                    ),
            ],
        };
        written = Sized(written, bag, choices, both, said);
        foreach (
            var line in written
                .Lines.Where(line => line.Ingredient?.StartsWith(There, StringComparison.Ordinal) == true)
                .ToList()
        )
        {
            var own = OwnOf(line.Ingredient![There.Length..], choices);
            if (own is null || both.Find(new IngredientId(own)) is not { } ingredient)
            {
                // It stays under an id that nothing here has, and is told where the build is read.
                written = BuildEdits.Replace(written, line with { Ingredient = line.Ingredient[There.Length..] });
                continue;
            }

            var put = LineEdits.Ingredient(
                written,
                line,
                both.Find(new IngredientId(line.Ingredient)),
                ingredient,
                both
            );
            if (put.IsRead)
            {
                written = AsBefore(put.Value.Build, line);
                said.AddRange(put.Value.Said);
            }
        }

        return written;
    }

    // How a line goes in is kept where the other ingredient has taken it away.
    private static BuildDocument AsBefore(BuildDocument build, LineDocument line) =>
        build.Lines.First(each => each.Id == line.Id) is { Technique: null } bare
            ? BuildEdits.Replace(
                build,
                bare with
                {
                    Technique = line.Technique,
                    Foam = line.Foam,
                    FoamCapMm = line.FoamCapMm,
                    Cooling = line.Cooling,
                    CooledCelsius = line.CooledCelsius,
                    SteamedCelsius = line.SteamedCelsius,
                }
            )
            : build;

    // The cups here in the place of those there: as they are where they hold as much, by the drink's own scaling where
    // they do not.
    private static BuildDocument Sized(
        BuildDocument build,
        BundleDependencies bag,
        IReadOnlyList<FactChoice> choices,
        BarFacts both,
        List<string> said
    )
    {
        var sizes = build
            .Sizes.Select(size => (There: There + size, Here: bag.ComesAs(size) ?? OwnOf(size, choices)))
            .Where(pair => pair.Here is not null)
            .DistinctBy(pair => pair.Here)
            .ToList();
        var marked = Cups(build, size => There + size);
        if (sizes.Count == 0)
        {
            return Cups(marked, size => size[There.Length..]);
        }

        var same = sizes
            .Where(pair =>
                bag.Added.Cups.Any(cup => cup.Id == pair.Here)
                || IsSame(both.Find(new CupId(pair.There)), both.Find(new CupId(pair.Here!)))
            )
            .ToDictionary(pair => pair.There, pair => pair.Here!);
        marked = Cups(marked, size => same.GetValueOrDefault(size) ?? size);
        var others = sizes.Where(pair => !same.ContainsKey(pair.There)).ToList();
        foreach (var (from, to) in others)
        {
            said.Add(
                $"{both.Find(new CupId(to!))!.Name} does not hold as much as its cup there: its amounts follow from {both.Find(new CupId(marked.ReferenceSize!))?.Name ?? "the reference size"}."
            );
            marked = marked with { Sizes = [.. marked.Sizes, to!] };
            if (marked.ReferenceSize == from)
            {
                var moved = SizeEdits.Reference(marked, to!, both);
                marked = moved.Build;
                said.AddRange(moved.Said);
            }
        }

        var kept = sizes.Select(pair => pair.Here!).ToList();
        var reference =
            marked.ReferenceSize is { } size && kept.Contains(size)
                ? marked
                : SizeEdits.Reference(marked, kept[0], both).Build;
        return SizeEdits.Sizes(reference, kept, both).Build;
    }

    private static BuildDocument Cups(BuildDocument build, Func<string, string> called) =>
        build with
        {
            Sizes = [.. build.Sizes.Select(called)],
            ReferenceSize = build.ReferenceSize is { } reference ? called(reference) : null,
            Waivers =
            [
                .. build.Waivers.Select(waiver => waiver with { Size = waiver.Size is { } size ? called(size) : null }),
            ],
            Lines =
            [
                .. build.Lines.Select(line =>
                    line with
                    {
                        Pins =
                        [
                            .. line.Pins.Select(pin => pin with { Size = pin.Size is { } size ? called(size) : null }),
                        ],
                        Scale = line.Scale is { } scale
                            ? scale with
                            {
                                Ladder =
                                [
                                    .. scale.Ladder.Select(pin =>
                                        pin with
                                        {
                                            Size = pin.Size is { } size ? called(size) : null,
                                        }
                                    ),
                                ],
                            }
                            : null,
                    }
                ),
            ],

            // A price is its house's own.
            Prices = [],
        };

    // The sheet of there under the names that its cups have here, so that the two can be laid side by side.
    private static BuildSheet Renamed(BuildSheet sheet, IReadOnlyList<FactChoice> choices, BundleDependencies bag) =>
        sheet with
        {
            Sizes =
            [
                .. sheet
                    .Sizes.Select(size =>
                        size with
                        {
                            Size = new CupId(
                                bag.ComesAs(size.Size.Value) ?? OwnOf(size.Size.Value, choices) ?? size.Size.Value
                            ),
                        }
                    )
                    .DistinctBy(size => size.Size),
            ],
        };

    // The other house's cup that is poured as this one here.
    private static Cup? CupThere(
        CupId here,
        IReadOnlyList<FactChoice> choices,
        BundleDependencies bag,
        BarFacts both
    ) =>
        both.Cups.FirstOrDefault(cup =>
            cup.Id.Value.StartsWith(There, StringComparison.Ordinal)
            && cup.Id.Value[There.Length..] is var id
            && (bag.ComesAs(id) ?? OwnOf(id, choices)) == here.Value
        );

    // What was pinned in one is pinned in the other.
    private static bool IsSame(Cup? one, Cup? other) =>
        one is not null
        && other is not null
        && Math.Abs(one.BrimCapacity.Value - other.BrimCapacity.Value)
            <= Matching.SameCapacity * other.BrimCapacity.Value;

    private static string? OwnOf(string id, IReadOnlyList<FactChoice> choices) =>
        choices.FirstOrDefault(choice => choice.Id == id && choice.Own is not null)?.Own;
}
