using System.Text.Json;
using CsCheck;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;

namespace Krasis.Core.Tests.Comparing;

/// <summary>The build of the merge tests and its changes.</summary>
internal static class MergeBuilds
{
    public static readonly BuildDocument Origin = TestBar.Build(
        TestBar.Line("syrup", 4, "stroke", ("s", 2)),
        TestBar.Line("espresso", 2, "shot"),
        TestBar.Line("milk", 200, "ml", ("l", 320))
    ) with
    {
        Name = "Latte",
        Tags = ["iced"],
        Prices = [new() { Size = "m", Price = 4 }],
    };

    /// <summary>Builds that somebody may have made of the origin.</summary>
    public static readonly Gen<BuildDocument> Changed = Gen.Select(
        Gen.OneOfConst("Latte", "Long latte", "Late"),
        Gen.OneOfConst(0.0, 8.0, 12.0),
        Gen.OneOfConst<string[]>(["s", "m", "l"], ["m", "l"], ["s", "m"]),
        Gen.OneOfConst<string[]>(["iced"], [], ["iced", "fair"]),
        Gen.Select(Gen.Int[0, 3], Gen.Int[1, 6], Gen.Int[0, 2], (gone, strokes, turn) => (gone, strokes, turn)),
        (name, reserve, sizes, tags, lines) =>
            Origin with
            {
                Name = name,
                ReserveMm = reserve,
                Sizes = sizes,
                Tags = tags,
                Lines =
                [
                    .. Origin
                        .Lines.Skip(lines.turn)
                        .Concat(Origin.Lines.Take(lines.turn))
                        .Where((_, i) => i != lines.gone)
                        .Select(line =>
                            line with
                            {
                                Amount = line.Id == "syrup" ? lines.strokes : line.Amount,
                                Pins = [.. line.Pins.Where(pin => sizes.Contains(pin.Size))],
                            }
                        ),
                ],
            }
    );

    public static BuildDocument With(Func<LineDocument, LineDocument> make) =>
        Origin with
        {
            Lines = [.. Origin.Lines.Select(make)],
        };

    public static Merged Merge(BuildDocument mine, BuildDocument theirs) =>
        BuildMerge.Of(Origin, mine, theirs, TestBar.Facts);

    public static bool Same(BuildDocument one, BuildDocument other) =>
        JsonSerializer.Serialize(one) == JsonSerializer.Serialize(other);
}
