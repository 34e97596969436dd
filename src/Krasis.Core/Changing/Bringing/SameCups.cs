using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Changing.Bringing;

/// <summary>Keeps a drink of another house as it is in the cups that are the same here. Scaled from a reference that was
/// rounded to this bar's pumps, another size would be off by more than a stroke.</summary>
internal static class SameCups
{
    /// <summary>Sets by hand, in the same cups, what this bar would pour otherwise: the nearest that it pours.</summary>
    /// <param name="build">The drink, written for this bar.</param>
    /// <param name="there">Its sheet there, under the cups of here.</param>
    /// <param name="here">Its sheet here.</param>
    /// <param name="same">The cups that hold as much here as there.</param>
    /// <param name="bar">This bar.</param>
    public static BuildDocument Pin(
        BuildDocument build,
        BuildSheet there,
        BuildSheet here,
        IReadOnlySet<CupId> same,
        BarFacts bar
    )
    {
        foreach (var now in here.Sizes.Where(size => !size.IsReference && same.Contains(size.Size)))
        {
            if (there.Sizes.FirstOrDefault(size => size.Size == now.Size) is not { } was)
            {
                continue;
            }

            for (var i = 0; i < Math.Min(Math.Min(was.Lines.Count, now.Lines.Count), build.Lines.Count); i++)
            {
                if (Nearest(build.Lines[i], was.Lines[i], now.Lines[i], bar) is { } amount)
                {
                    build = Pinned(build, i, now.Size.Value, amount);
                }
            }
        }

        return build;
    }

    // What pours the nearest to what is poured there; null where that is poured already, or no amount says it.
    private static double? Nearest(LineDocument line, SheetLine was, SheetLine now, BarFacts bar)
    {
        if (
            line.To is not null
            || line.Amount is not > 0
            || now.Amount <= 0
            || was.Amount <= 0
            || Measure.Find(line.Measure) is not { } measure
            || bar.Find(new IngredientId(line.Ingredient ?? "")) is not { } ingredient
        )
        {
            return null;
        }

        var times = Times(line, was, now);
        var step = BarRounding.StepOf(measure, ingredient, bar.Pulling(line.Recipe));
        var nearest = Math.Max(step, BarRounding.Round(now.Amount * times, step));
        var wanted = now.Amount * times;
        return Math.Abs(nearest - wanted) < Math.Abs(now.Amount - wanted) - 1e-6 ? nearest : null;
    }

    /// <summary>How many times as much of a line is poured there as here: by mass where it is weighed, else by
    /// volume.</summary>
    internal static double Times(LineDocument line, SheetLine was, SheetLine now) =>
        Measure.Find(line.Measure)?.Kind == MeasureKind.Mass
            ? was.Mass.Value / now.Mass.Value
            : was.Volume.Value / now.Volume.Value;

    /// <summary>The build with a line set by hand in a size.</summary>
    internal static BuildDocument Pinned(BuildDocument build, int at, string size, double amount) =>
        build with
        {
            Lines =
            [
                .. build.Lines.Select(
                    (line, i) =>
                        i != at
                            ? line
                            : line with
                            {
                                Pins =
                                [
                                    .. line.Pins.Where(pin => pin.Size != size),
                                    new PinDocument { Size = size, Amount = amount },
                                ],
                            }
                ),
            ],
        };
}
