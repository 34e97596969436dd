using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Bringing;

/// <summary>Scales a drink of another house into cups of other sizes. Amounts follow from the exact amounts of the
/// reference there, not from what this bar rounds them to: 2.25 strokes become 4 in a cup 1.6 times as large, although
/// the reference pours 2.</summary>
internal static class OtherCups
{
    /// <summary>Pins in those cups what would follow from a rounded reference.</summary>
    /// <param name="build">The drink, written for this bar.</param>
    /// <param name="there">Its sheet there, under the cups of here.</param>
    /// <param name="here">Its sheet here.</param>
    /// <param name="same">The cups that hold as much here as there. If the reference cup is not among them, nothing is
    /// pinned.</param>
    /// <param name="bar">This bar.</param>
    public static BuildDocument Pin(
        BuildDocument build,
        BuildSheet there,
        BuildSheet here,
        IReadOnlySet<CupId> same,
        BarFacts bar
    )
    {
        var now = here.Sizes.Single(size => size.IsReference);
        if (
            !same.Contains(now.Size)
            || there.Sizes.FirstOrDefault(size => size.Size == now.Size) is not { } was
            || was.Lines.Count != build.Lines.Count
        )
        {
            return build;
        }

        double[] exact =
        [
            .. build.Lines.Select(
                (line, i) =>
                    line.To is null && was.Lines[i].Mass.Value > 0 && now.Lines[i].Mass.Value > 0
                        ? SameCups.Times(line, was.Lines[i], now.Lines[i])
                        : 1
            ),
        ];
        var unrounded = build with
        {
            Lines = [.. build.Lines.Select((line, i) => line with { Amount = line.Amount * exact[i] })],
        };
        if (
            exact.All(times => Math.Abs(times - 1) < 1e-6)
            || BuildReader.Read(unrounded, bar) is not { IsRead: true } read
        )
        {
            return build;
        }

        foreach (var size in Mixer.Mix(read.Value, bar).Sizes.Where(size => !same.Contains(size.Size)))
        {
            var poured = here.Sizes.Single(each => each.Size == size.Size);
            for (var i = 0; i < build.Lines.Count; i++)
            {
                if (
                    Math.Abs(exact[i] - 1) >= 1e-6
                    && Math.Abs(size.Lines[i].Amount - poured.Lines[i].Amount) > 1e-6
                    && Measure.Find(build.Lines[i].Measure) is not null
                )
                {
                    build = SameCups.Pinned(build, i, size.Size.Value, size.Lines[i].Amount);
                }
            }
        }

        return build;
    }
}
