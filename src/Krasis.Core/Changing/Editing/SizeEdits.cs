using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Changing.Editing;

/// <summary>Chooses the cups of a build, and which of them the others follow.</summary>
internal static class SizeEdits
{
    /// <summary>Chooses the cups. What was said of a cup that goes, goes with it; where the reference goes, the first
    /// of the others takes its place.</summary>
    public static Edited Sizes(BuildDocument build, IReadOnlyList<string> sizes, BarFacts bar)
    {
        var moved =
            sizes.Count > 0 && !sizes.Contains(build.ReferenceSize)
                ? Reference(build, sizes[0], bar)
                : Edited.Quietly(build);
        return moved with
        {
            Build = moved.Build with
            {
                Sizes = [.. sizes],
                Prices = [.. moved.Build.Prices.Where(price => sizes.Contains(price.Size))],
                Waivers = [.. moved.Build.Waivers.Where(waiver => sizes.Contains(waiver.Size))],
                Lines = [.. moved.Build.Lines.Select(line => Keep(line, sizes.Contains))],
            },
        };
    }

    /// <summary>Makes another size the reference. What that size shows becomes what is set, so that nothing moves in
    /// it.</summary>
    public static Edited Reference(BuildDocument build, string size, BarFacts bar)
    {
        if (size == build.ReferenceSize)
        {
            return Edited.Quietly(build);
        }

        List<string> told = [];
        var read = BuildReader.Read(build, bar, nameless: true);
        var shown =
            read.IsRead && build.Sizes.Contains(size)
                ? SizeWork
                    .SettleAll(read.Value, bar, read.Value.School.Scaling)
                    .First(worked => worked.Size.Cup.Id.Value == size)
                    .Lines.ToDictionary(line => line.Line.Id.Value, line => line.Amount)
                : [];
        return new Edited(build with { ReferenceSize = size, Lines = [.. build.Lines.Select(Move)] }, told, []);

        LineDocument Move(LineDocument line)
        {
            var pin = line.Pins.FirstOrDefault(pin => pin.Size == size);
            var name = bar.Find(new IngredientId(line.Ingredient ?? ""))?.Name ?? "A line";
            var others = Keep(line, other => other != size);
            var amount = shown.GetValueOrDefault(line.Id ?? "", pin?.Amount ?? line.Amount ?? 0);
            var set = others with
            {
                Amount = amount,
                Stated = pin is null ? line.Stated : pin.Stated,
                Scale = HouseStrokes.Follows(line)
                    ? others.Scale! with
                    {
                        Own = pin is null ? null : true,
                    }
                    : others.Scale,
            };
            if (pin is { To: not null } && pin.To != line.To)
            {
                // A mark at the reference is one for every size, which was not said.
                told.Add($"{name} was filled {pin.To} in {Cup(size)}; there it is an amount now.");
            }
            else if (line.To is { } mark && pin is not null && pin.To is null)
            {
                // By amount here, to a mark in the others: the others keep it one by one.
                return set with
                {
                    To = null,
                    Pins =
                    [
                        .. others.Pins,
                        .. build
                            .Sizes.Where(other => other != size && line.Pins.All(known => known.Size != other))
                            .Select(other => new PinDocument
                            {
                                Size = other,
                                Amount = amount,
                                To = mark,
                            }),
                    ],
                };
            }

            return line.Amount == amount || pin is not null ? set : set with { Stated = null };
        }

        string Cup(string id) => bar.Find(new CupId(id))?.Name ?? id;
    }

    // What is said by hand, of some sizes only.
    private static LineDocument Keep(LineDocument line, Func<string, bool> which) =>
        line with
        {
            Pins = [.. line.Pins.Where(pin => pin.Size is { } size && which(size))],
            Scale = line.Scale is null
                ? null
                : line.Scale with
                {
                    Ladder = [.. line.Scale.Ladder.Where(rung => rung.Size is { } size && which(size))],
                },
        };
}
