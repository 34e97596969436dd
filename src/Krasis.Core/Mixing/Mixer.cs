using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Checks;
using Krasis.Core.Ingredients;
using Krasis.Core.Measures;
using Krasis.Core.Scaling;
using Krasis.Core.Tasting;
using Krasis.Core.Vessels;

namespace Krasis.Core.Mixing;

/// <summary>Works out builds: the heart of the program.</summary>
public static class Mixer
{
    /// <summary>Works out every size of a build by the school that it follows.</summary>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <returns>The sheet; the same for the same input, bit for bit.</returns>
    /// <exception cref="ArgumentException">The build was read against another bar, which is a defect in the caller.</exception>
    public static BuildSheet Mix(Build build, BarFacts bar) => Mix(build, bar, build.School.Scaling);

    /// <summary>Works out every size of a build with a way of scaling.</summary>
    /// <inheritdoc cref="Mix(Build, BarFacts)"/>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="scaling">How the reference size's quantities are carried to the others.</param>
    public static BuildSheet Mix(Build build, BarFacts bar, IScaling scaling)
    {
        var reference = SizeOf(build.ReferenceSize, build, bar);
        var poured = build.Sizes
            .Select(id => SizeOf(id, build, bar))
            .Select(size => new PouredSize(size, SettleAll(build, reference, size, bar, scaling), bar))
            .ToList();
        var standard = poured.Single(size => size.Size.Cup.Id == build.ReferenceSize).Taste;
        var sheet = new BuildSheet(
            build.Name,
            build.ReferenceSize,
            build.School.Code,
            [.. poured.Select(size => Fill(build, size, standard))],
            bar.House.AllowedStrengthDrift,
            bar.House.AllowedSweetnessDrift,
            []);
        return sheet with { Findings = AllChecks.Judge(sheet, bar) };
    }

    private static ScaledSize SizeOf(CupId id, Build build, BarFacts bar)
    {
        var cup = bar.Find(id) ?? throw new ArgumentException($"The bar has no cup '{id}'.", nameof(build));
        return new ScaledSize(cup, cup.WorkingVolume(build.Reserve));
    }

    private static List<SheetLine> SettleAll(Build build, ScaledSize reference, ScaledSize size, BarFacts bar, IScaling scaling)
    {
        var lines = build.Lines.Select(line => (Line: line, Ingredient: IngredientOf(line, bar))).ToList();
        var growth = new Growth(size.WorkingVolume / reference.WorkingVolume, null);

        // Coffee first: in some schools the milk follows what the bar can pour of it.
        var coffee = lines.Where(line => line.Ingredient.IsCoffee).ToList();
        var inReference = coffee.Sum(line => Dosing.Mass(line.Line.Set, line.Ingredient, bar).Value);
        if (inReference > 0)
        {
            var here = coffee.Sum(line => Settle(line.Line, line.Ingredient, reference, size, growth, bar, scaling).Mass.Value);
            growth = growth with { Coffee = here / inReference };
        }

        return lines.ConvertAll(line => Settle(line.Line, line.Ingredient, reference, size, line.Ingredient.IsCoffee ? growth with { Coffee = null } : growth, bar, scaling));
    }

    private static Ingredient IngredientOf(BuildLine line, BarFacts bar) =>
        bar.Find(line.Ingredient) ?? throw new ArgumentException($"The bar has no ingredient '{line.Ingredient}'.", nameof(line));

    private static SheetLine Settle(
        BuildLine line, Ingredient ingredient, ScaledSize reference, ScaledSize size, Growth growth, BarFacts bar, IScaling scaling)
    {
        var step = BarRounding.StepOf(line.Set.Measure, ingredient, bar.House);
        var (exact, amount, origin) = size.Cup.Id == reference.Cup.Id
            ? (line.Set, line.Set, Origin.Set)
            : line.Pins.TryGetValue(size.Cup.Id, out var pin)
                ? (pin, pin, Origin.Pinned)
                : Scaled(scaling.Scale(line, ingredient, growth));
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

    private static SizeSheet Fill(Build build, PouredSize poured, Taste standard)
    {
        var cup = poured.Size.Cup;
        var occupied = poured.Content.OccupiedVolume;
        return new SizeSheet(
            cup.Id,
            cup.Name,
            cup.Id == build.ReferenceSize,
            CupSection.Of(cup, build.Reserve),
            poured.Lines,
            poured.Content.LiquidVolume,
            poured.Content.IceMass,
            occupied,
            poured.Size.WorkingVolume,
            poured.Size.WorkingVolume - occupied,
            occupied > cup.BrimCapacity ? occupied - cup.BrimCapacity : default,
            cup.HeightFor(occupied),
            poured.Taste,
            Drift.Between(standard, poured.Taste),
            CupDrawing.Of(cup, [.. poured.Lines.Select(line => line.Line).Zip(poured.Portions)], poured.Content));
    }

    /// <summary>A size with what the bar pours into it.</summary>
    private sealed class PouredSize
    {
        public PouredSize(ScaledSize size, IReadOnlyList<SheetLine> lines, BarFacts bar)
        {
            Size = size;
            Lines = lines;
            Portions = [.. lines.Select(line => new Portion(bar.Find(line.Ingredient)!, line.Mass))];
            Content = CupContent.Of(Portions);
            Taste = Taster.Of(Portions, bar);
        }

        public ScaledSize Size { get; }

        public IReadOnlyList<SheetLine> Lines { get; }

        public IReadOnlyList<Portion> Portions { get; }

        public CupContent Content { get; }

        public Taste Taste { get; }
    }
}
