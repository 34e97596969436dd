using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Checks;
using Krasis.Core.Measures;
using Krasis.Core.Scaling;
using Krasis.Core.Vessels;

namespace Krasis.Core.Mixing;

/// <summary>Works out builds: the heart of the program.</summary>
public static class Mixer
{
    /// <summary>Works out every size of a build, growing everything with the cup.</summary>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <returns>The sheet; the same for the same input, bit for bit.</returns>
    /// <exception cref="ArgumentException">The build was read against another bar, which is a defect in the caller.</exception>
    public static BuildSheet Mix(Build build, BarFacts bar) => Mix(build, bar, new WithTheCup());

    /// <summary>Works out every size of a build with a way of scaling.</summary>
    /// <inheritdoc cref="Mix(Build, BarFacts)"/>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="scaling">How the reference size's quantities are carried to the others.</param>
    public static BuildSheet Mix(Build build, BarFacts bar, IScaling scaling)
    {
        var reference = SizeOf(build.ReferenceSize, build, bar);
        var sizes = new List<SizeSheet>(build.Sizes.Count);
        foreach (var id in build.Sizes)
        {
            var size = SizeOf(id, build, bar);
            var lines = new List<SheetLine>(build.Lines.Count);
            foreach (var line in build.Lines)
            {
                lines.Add(Settle(line, reference, size, bar, scaling));
            }

            sizes.Add(Fill(build, size, lines, bar));
        }

        var sheet = new BuildSheet(build.Name, build.ReferenceSize, sizes, []);
        return sheet with { Findings = AllChecks.Judge(sheet, bar) };
    }

    private static ScaledSize SizeOf(CupId id, Build build, BarFacts bar)
    {
        var cup = bar.Find(id) ?? throw new ArgumentException($"The bar has no cup '{id}'.", nameof(build));
        return new ScaledSize(cup, cup.WorkingVolume(build.Reserve));
    }

    private static SheetLine Settle(
        BuildLine line, ScaledSize reference, ScaledSize size, BarFacts bar, IScaling scaling)
    {
        var ingredient = bar.Find(line.Ingredient) ?? throw new ArgumentException($"The bar has no ingredient '{line.Ingredient}'.", nameof(line));
        var step = BarRounding.StepOf(line.Set.Measure, ingredient, bar.House);
        var (exact, amount, origin) = size.Cup.Id == reference.Cup.Id
            ? (line.Set, line.Set, Origin.Set)
            : line.Pins.TryGetValue(size.Cup.Id, out var pin)
                ? (pin, pin, Origin.Pinned)
                : Scaled(scaling.Scale(line, reference, size));
        return new SheetLine(
            line.Id,
            ingredient.Id,
            ingredient.Name,
            amount.Measure.Code,
            amount.Amount == 1 ? amount.Measure.Symbol : amount.Measure.Plural,
            amount.Amount,
            exact.Amount,
            step,
            origin,
            Dosing.Mass(amount, ingredient, bar),
            Dosing.Volume(amount, ingredient, bar));

        (Quantity Exact, Quantity Amount, Origin Origin) Scaled(Quantity asked) =>
            (asked, BarRounding.Round(asked, step), Origin.Scaled);
    }

    private static SizeSheet Fill(Build build, ScaledSize size, List<SheetLine> lines, BarFacts bar)
    {
        var cup = size.Cup;
        var poured = lines.ConvertAll(line => (line.Line, new Portion(bar.Find(line.Ingredient)!, line.Mass)));
        var content = CupContent.Of(poured.Select(pour => pour.Item2));
        var occupied = content.OccupiedVolume;
        return new SizeSheet(
            cup.Id,
            cup.Name,
            cup.Id == build.ReferenceSize,
            CupSection.Of(cup, build.Reserve),
            lines,
            content.LiquidVolume,
            content.IceMass,
            occupied,
            size.WorkingVolume,
            size.WorkingVolume - occupied,
            occupied > cup.BrimCapacity ? occupied - cup.BrimCapacity : default,
            cup.HeightFor(occupied),
            CupDrawing.Of(cup, poured, content));
    }
}
