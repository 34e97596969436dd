using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Judging.Cautions;
using Krasis.Core.Judging.Checks;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Cost;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Nutrition;
using Krasis.Core.Working.Scaling;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Judging;

/// <summary>Works out builds: the heart of the program.</summary>
public static class Mixer
{
    /// <summary>Works out every size of a build by the school that it follows.</summary>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="today">The day on which seasons and use-by dates are judged; null when they are not.</param>
    /// <returns>The sheet; the same for the same input, bit for bit.</returns>
    /// <exception cref="ArgumentException">The build was read against another bar, which is a defect in the caller.</exception>
    public static BuildSheet Mix(Build build, BarFacts bar, DateOnly? today = null) => Mix(build, bar, build.School.Scaling, today);

    /// <summary>Works out every size of a build with a way of scaling.</summary>
    /// <inheritdoc cref="Mix(Build, BarFacts, DateOnly?)"/>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar's facts.</param>
    /// <param name="scaling">What the lines follow that have no rule of their own.</param>
    /// <param name="today">The day on which seasons and use-by dates are judged; null when they are not.</param>
    public static BuildSheet Mix(Build build, BarFacts bar, IScaling scaling, DateOnly? today = null)
    {
        var worked = SettleAll(build, bar, scaling);
        var reference = worked.Single(size => size.Size.Cup.Id == build.ReferenceSize);
        var standard = Taster.Of(reference);
        var sheet = new BuildSheet(
            build.Name,
            build.ReferenceSize,
            build.School.Code,
            build.Serve,
            [.. worked.Select(size => Fill(build, size, standard, bar))],
            bar.House.AllowedStrengthDrift,
            bar.House.AllowedSweetnessDrift,
            bar.House.Currency,
            [],
            []);
        var setting = new Setting(build, bar, sheet, worked, today);
        return sheet with { Findings = AllChecks.Judge(setting), Cautions = AllCautions.For(setting) };
    }

    /// <summary>Settles every size: what goes into it, and no more than that.</summary>
    internal static List<WorkedSize> SettleAll(Build build, BarFacts bar, IScaling scaling)
    {
        var lines = build.Lines.Select(line => new LineFacts(line, build, bar, scaling)).ToArray();
        var cups = build.Sizes.Select(id => bar.Find(id) ?? throw new ArgumentException($"The bar has no cup '{id}'.", nameof(build))).ToList();
        var volumes = cups.ConvertAll(cup => cup.WorkingVolume(build.Reserve));
        var order = volumes.Order().ToList();
        var at = cups.FindIndex(cup => cup.Id == build.ReferenceSize);
        var settler = new Settler(build, lines, SizeAt(at));
        return [.. cups.Select((_, i) => i == at ? settler.Reference : settler.Settle(SizeAt(i)))];

        ScaledSize SizeAt(int i)
        {
            var growth = volumes[i] / volumes[at];
            var stretch = Array.Find(lines, line => line.IsStretched)?.StretchFor(growth) ?? 1;
            return new ScaledSize(cups[i], volumes[i], new Growth(growth, order.IndexOf(volumes[i]) - order.IndexOf(volumes[at]), stretch));
        }
    }

    private static SizeSheet Fill(Build build, WorkedSize worked, Taste standard, BarFacts bar)
    {
        var cup = worked.Size.Cup;
        var content = worked.Poured;
        var occupied = Millilitres.From(content.Occupied);
        var surface = Millilitres.From(content.Surface);
        var crown = CrownOf(cup, content);
        var boundaries = Layering.Of(worked, build.Serve);
        var taste = Taster.Of(worked);
        return new SizeSheet(
            cup.Id,
            cup.Name,
            cup.Id == build.ReferenceSize,
            CupSection.Of(cup, build.Reserve),
            [.. worked.Lines.Select((_, i) => Cell(worked, i, bar.House.Units))],
            Millilitres.From(content.LiquidVolume),
            Millilitres.From(content.Air),
            Grams.From(content.IceMass),
            occupied,
            worked.Size.WorkingVolume,
            worked.Size.WorkingVolume - occupied,
            surface > cup.BrimCapacity ? surface - cup.BrimCapacity : default,
            cup.HeightFor(surface),
            crown,
            crown > cup.Shape.Height ? crown - cup.Shape.Height : default,
            cup.LidClearance is { } clearance ? crown <= cup.Shape.Height + clearance + Millimetres.From(1e-9) : null,
            taste,
            Drift.Between(standard, taste).Against(bar.House),
            EffectOf(worked, taste),
            Grams.From(content.Condensate),
            LifeOfADrink.Of(worked, build.Serve, bar.House, boundaries),
            boundaries,
            Nutritionist.Of(worked),
            AllergenFacts.Of(worked),
            CostFacts.Of(worked, build.Prices.TryGetValue(cup.Id, out var price) ? price : null),
            MilkPlan.For(SteamedMilk(worked), bar.Pitchers),
            CupDrawing.Of(worked, build.Serve, boundaries),
            FillLineOf(worked));
    }

    private static SheetLine Cell(WorkedSize worked, int i, DisplayUnits units)
    {
        var line = worked.Lines[i];
        var (amount, measure, mass) = (worked.Amounts[i], line.Line.Set.Measure, worked.Mass(i));
        var volume = Millilitres.From(mass / line.Ingredient.Density.Value);
        return new SheetLine(
            line.Line.Id,
            line.Ingredient.Id,
            line.Ingredient.Name,
            measure.Code,
            amount == 1 ? measure.Symbol : measure.Plural,
            amount,
            worked.Exact[i],
            line.Step,
            worked.Origins[i],
            Grams.From(mass),
            volume,
            units,
            line.ShotsPerPull > 0 && amount > 0
                ? new PullSize(amount / line.ShotsPerPull, Grams.From(line.Dose * worked.Size.Growth.Stretch), Grams.From(line.Yield * worked.Size.Growth.Stretch))
                : null);
    }

    /// <summary>How high everything stands: what does not spill, and on it the toppings; above the brim it keeps the brim's
    /// width.</summary>
    internal static Millimetres CrownOf(Cup cup, Tally content)
    {
        var brim = cup.BrimCapacity.Value;
        var occupied = content.Surface > brim && content.Surface >= content.Occupied ? brim : content.Occupied;
        var top = occupied + content.OnTop;
        var area = Math.PI * cup.Shape.Top.Value * cup.Shape.Top.Value / 4;
        return top <= brim ? cup.HeightFor(Millilitres.From(top)) : cup.Shape.Height + Millimetres.From((top - brim) * 1000 / area);
    }

    // What a lead pours to a line: the most of the milk, else the most of any other liquid that is poured freely.
    private static LineId? FillLineOf(WorkedSize worked)
    {
        var poured = worked.Lines.Select((facts, i) => (Facts: facts, Mass: worked.Mass(i))).Where(entry => entry.Mass > 0 && !entry.Facts.IsOnTop && !entry.Facts.IsIce).ToList();
        var free = poured.FindAll(entry => entry.Facts.Ingredient.Kind == IngredientKind.Milk);
        free = free.Count > 0 ? free : poured.FindAll(entry => entry.Facts.Ingredient.Kind is IngredientKind.Coffee or IngredientKind.Water);
        return free.Count == 0 ? null : free.MaxBy(entry => entry.Mass).Facts.Line.Id;
    }

    private static Millilitres SteamedMilk(WorkedSize worked)
    {
        var ml = 0.0;
        for (var i = 0; i < worked.Lines.Count; i++)
        {
            ml += worked.Lines[i].Foam is { IsCold: false } ? worked.Mass(i) * worked.Lines[i].VolumePerGram : 0;
        }

        return Millilitres.From(ml);
    }

    private static RoundingEffect EffectOf(WorkedSize worked, Taste after)
    {
        var isRounded = false;
        for (var i = 0; i < worked.Amounts.Length; i++)
        {
            isRounded |= Math.Abs(worked.Amounts[i] - worked.Exact[i]) > 1e-9;
        }

        if (!isRounded)
        {
            return new RoundingEffect(after, after.Strength is null ? null : Percent.From(0), after.Sweetness is null ? null : Percent.From(0), "");
        }

        var before = Taster.Of(worked.With(worked.Exact), after.Unknown);
        var change = Drift.Between(before, after);
        return new RoundingEffect(before, change.Strength, change.Sweetness, Say(change));
    }

    private static string Say(Drift change)
    {
        var parts = new List<string>(2);
        Add(change.Strength, "stronger", "weaker");
        Add(change.Sweetness, "sweeter", "less sweet");
        return parts.Count == 0 ? "Rounding hardly changes the taste." : $"Rounding makes it {string.Join(" and ", parts)}.";

        void Add(Percent? by, string more, string less)
        {
            if (by is { } percent && Math.Abs(percent.Value) >= 0.5)
            {
                parts.Add($"{Math.Abs(percent.Value).ToString("0", CultureInfo.InvariantCulture)} % {(percent.Value > 0 ? more : less)}");
            }
        }
    }
}
