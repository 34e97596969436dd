using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Cost;
using Krasis.Core.Working.Drawing;
using Krasis.Core.Working.Life;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Nutrition;
using Krasis.Core.Working.Scaling;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Working.SizeSheets;

/// <summary>Works out the sizes of a build: settles them, and says all there is to say of each.</summary>
internal static class SizeWork
{
    /// <summary>Settles every size: what goes into it, and no more than that.</summary>
    public static List<WorkedSize> SettleAll(Build build, BarFacts bar, IScaling scaling)
    {
        var lines = build.Lines.Select(line => new LineFacts(line, build, bar, scaling)).ToArray();
        var cups = build
            .Sizes.Select(id =>
                bar.Find(id) ?? throw new ArgumentException($"The bar has no cup '{id}'.", nameof(build))
            )
            .ToList();
        var volumes = cups.ConvertAll(cup => cup.WorkingVolume(build.Reserve));
        var order = volumes.Order().ToList();
        var at = cups.FindIndex(cup => cup.Id == build.ReferenceSize);
        var settler = new Settler(lines, SizeAt(at));
        return [.. cups.Select((_, i) => i == at ? settler.Reference : settler.Settle(SizeAt(i)))];

        ScaledSize SizeAt(int i) =>
            new(
                CupVessel.For(cups[i], build.Serve, bar.House),
                build.Reserve,
                volumes[i],
                new Growth(volumes[i] / volumes[at], order.IndexOf(volumes[i]) - order.IndexOf(volumes[at]))
            );
    }

    /// <summary>Says all there is to say of the settled sizes.</summary>
    public static List<SizeSheet> Describe(Build build, BarFacts bar, IReadOnlyList<WorkedSize> worked)
    {
        var reference = worked.Single(size => size.Size.Cup.Id == build.ReferenceSize);
        var standard = TasteCalculator.Of(reference);
        var tint = build.SeenColour is { } seen ? TintBy(build, reference, bar.House, Light.Of(seen)) : default(Light?);
        var colour = ColourOf(build, reference, bar.House, tint);
        var sheets = new List<SizeSheet>(worked.Count);
        foreach (var size in worked)
        {
            // The same lines bring the same allergens into every size.
            var like =
                sheets.Count > 0 && BringTheSame(size, worked[sheets.Count - 1]) ? sheets[^1].Inside.Allergens : null;
            sheets.Add(Fill(build, size, standard, colour, tint, like ?? AllergenFacts.Of(size), bar));
        }

        return sheets;
    }

    private static bool BringTheSame(WorkedSize one, WorkedSize other)
    {
        for (var i = 0; i < one.Lines.Count; i++)
        {
            if (one.Lines[i].IsPoured != other.Lines[i].IsPoured)
            {
                return false;
            }
        }

        return true;
    }

    private static SizeSheet Fill(
        Build build,
        WorkedSize worked,
        Taste standard,
        Light? standardColour,
        Light? tint,
        AllergenFacts allergens,
        BarFacts bar
    )
    {
        var cup = worked.Size.Cup;
        var boundaries = Layering.Of(worked, build.Serve);
        var taste = TasteCalculator.Of(worked);
        var colour = ColourOf(build, worked, bar.House, tint);
        var milk = MilkPlan.For(SteamedMilk(worked), bar.Pitchers);
        return new SizeSheet(
            cup.Id,
            cup.Name,
            cup.Id == build.ReferenceSize,
            CupSection.Of(cup, build.Reserve),
            [.. worked.Lines.Select(line => Cell(worked, line, bar.House.Units))],
            FillOf(worked),
            new SizeTaste(
                taste,
                Drift.Between(standard, taste).InColour(standardColour, colour).Against(bar.House),
                EffectOf(worked, taste),
                colour?.ToHex()
            ),
            LifeOfADrink.Of(worked, build.Serve, bar.House, boundaries, tint),
            new SizeInside(Nutritionist.Of(worked), allergens),
            CostFacts.Of(worked, build.Prices.TryGetValue(cup.Id, out var price) ? price : null, milk),
            milk,
            new SizeDrawing(boundaries, () => CupDrawing.AsPoured(worked, build.Serve, boundaries))
        );
    }

    private static SizeFill FillOf(WorkedSize worked)
    {
        var cup = worked.Size.Cup;
        var content = worked.Poured;
        var occupied = Millilitres.From(content.Occupied);
        var surface = Millilitres.From(content.Surface);
        var crown = Crown.Of(cup, content);
        return new SizeFill(
            Millilitres.From(content.DrinkVolume),
            Millilitres.From(content.Air),
            Millimetres.From(LifeOfADrink.CapOf(cup, content)),
            Grams.From(content.IceMass),
            Grams.From(content.TotalMass),
            occupied,
            worked.Size.WorkingVolume,
            worked.Size.WorkingVolume - occupied,
            surface > cup.BrimCapacity ? surface - cup.BrimCapacity : default,
            cup.HeightFor(surface),
            crown,
            crown > cup.Shape.Height ? crown - cup.Shape.Height : default,
            cup.LidClearance is { } clearance ? crown <= cup.Shape.Height + clearance + Millimetres.From(1e-9) : null,
            FillLineOf(worked)
        );
    }

    private static SheetLine Cell(WorkedSize worked, WorkedLine line, DisplayUnits units)
    {
        var measure = line.Line.Set.Measure;
        return new SheetLine(
            line.Line.Id,
            line.Ingredient.Id,
            line.Ingredient.Name,
            measure.Code,
            line.Amount == 1 ? measure.Symbol : measure.Plural,
            line.Amount,
            line.Exact,
            line.Step,
            line.Origin,
            Grams.From(line.Mass),
            Millilitres.From(line.Mass / line.Ingredient.Density.Value),
            units,
            PullOf(line),
            line.Mark is { } mark
            && line.Trouble != MarkTrouble.Missing
            && worked.Size.Cup.HeightOf(mark, worked.Size.Reserve) is { } height
                ? new SheetMark(mark.Says, height, worked.Size.Cup.VolumeTo(height))
                : null,
            line.StatedIn(worked.Size.Cup.Id)?.ToString()
        );
    }

    private static PullSize? PullOf(WorkedLine line)
    {
        if (line.Facts.Recipe is not { } recipe || !line.IsPoured)
        {
            return null;
        }

        var (dose, yield) = (recipe.Dose * line.PullStretch, recipe.Yield * line.PullStretch);
        return new PullSize(recipe.Name, line.Mass / yield.Value, line.Pulls, dose, yield, Grams.From(line.PouredAway));
    }

    // What a lead pours to a line: the most of the milk, else the most of any other liquid that is poured freely.
    private static LineId? FillLineOf(WorkedSize worked)
    {
        var poured = worked.Lines.Where(line => line.Mass > 0 && line.IsInside && !line.IsIce).ToList();
        var free = poured.FindAll(line => line.Ingredient.Kind == IngredientKind.Milk);
        free =
            free.Count > 0
                ? free
                : poured.FindAll(line =>
                    line.Ingredient.Kind is IngredientKind.Coffee or IngredientKind.Tea or IngredientKind.Water
                );
        return free.Count == 0 ? null : free.MaxBy(line => line.Mass)!.Line.Id;
    }

    private static Millilitres SteamedMilk(WorkedSize worked) =>
        Millilitres.From(worked.Lines.Sum(line => line.Foam is { IsCold: false } ? line.Mass * line.VolumePerGram : 0));

    private static Light? ColourOf(Build build, WorkedSize worked, HouseRules house, Light? tint)
    {
        var (parts, water) = MixedIn(build, worked, house);
        return DrinkColour.Of(parts, water, tint);
    }

    private static Light TintBy(Build build, WorkedSize worked, HouseRules house, Light seen)
    {
        var (parts, water) = MixedIn(build, worked, house);
        return DrinkColour.TintBy(parts, water, seen);
    }

    // What is in the drink when it is handed over, and the water that steam and ice have brought.
    private static (List<(Ingredient Ingredient, double Grams)> Parts, double Water) MixedIn(
        Build build,
        WorkedSize worked,
        HouseRules house
    )
    {
        var content = worked.Poured;
        var melt = content.IsBlended
            ? content.IceMass
            : content.IceMass
                - content.Heat.Exchanged(LifeOfADrink.ShareAtHandOver(worked, build.Serve, house)).IceMass;
        return (
            [.. worked.Lines.Where(line => line.IsInside && !line.IsIce).Select(line => (line.Ingredient, line.Mass))],
            content.Condensate + content.CoolingMelt + melt
        );
    }

    private static RoundingEffect EffectOf(WorkedSize worked, Taste after)
    {
        if (!worked.Lines.Any(line => Math.Abs(line.Amount - line.Exact) > 1e-9))
        {
            return new RoundingEffect(
                after,
                after.Strength is null ? null : Percent.From(0),
                after.Sweetness is null ? null : Percent.From(0)
            );
        }

        var before = TasteCalculator.Of(worked.Exactly(), after.Unknown, after.Taken);
        var change = Drift.Between(before, after);
        return new RoundingEffect(before, change.Strength, change.Sweetness) { IsRounded = true };
    }
}
