using Krasis.Core.Bar;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Starting;

/// <summary>Proposes a build to begin from: in the right pour order, from the house's own parts and rules, ready to taste.</summary>
public static class Skeleton
{
    // Beginnings without a source, to be tasted: three quarters of what the ice leaves of a brewed coffee is coffee, 12 g of powder and 2 strokes,
    // or 7.5 ml for each, go to 300 ml.
    private const double BrewShare = 0.75;
    private const double PowderPerMl = 12.0 / 300;
    private const double StrokesPerMl = 2.0 / 300;
    private const double MlPerStroke = 7.5;

    /// <summary>The bases, and which of them the bar can make.</summary>
    public static IReadOnlyList<BaseChoice> Choices(BarFacts bar) =>
    [
        .. Enum.GetValues<DrinkBase>().Select(made => new BaseChoice(made, NameOf(made), FindBase(made, bar) is null ? $"The bar has no {Lacks(made)}." : null)),
    ];

    /// <summary>Proposes a build.</summary>
    /// <param name="made">The base.</param>
    /// <param name="serve">How it is served.</param>
    /// <param name="sizes">The cups; the middle one of them becomes the reference.</param>
    /// <param name="bar">The bar.</param>
    /// <returns>The build, without a name; or what the bar lacks.</returns>
    public static Reading<BuildDocument> Propose(DrinkBase made, Serve serve, IReadOnlyList<CupId> sizes, BarFacts bar)
    {
        var fields = new FieldReader();
        var cups = sizes.Select(bar.Find).OfType<Cup>().ToList();
        if (cups.Count == 0)
        {
            fields.Report("sizes", null, "No cup is chosen.", "at least one cup of the bar");
        }

        if (FindBase(made, bar) is null)
        {
            fields.Report("base", Choice.Word(made), $"The bar has no {Lacks(made)}.", string.Join(", ", Choices(bar).Where(choice => choice.Missing is null).Select(choice => Choice.Word(choice.Base))));
        }

        var isCold = serve != Serve.Hot;
        if (isCold && !bar.Ingredients.Any(ingredient => ingredient.IsIce))
        {
            fields.Report("serve", Choice.Word(serve), "The bar has no ice.", "hot");
        }

        if (fields.Problems.Count > 0)
        {
            return Reading<BuildDocument>.Failed(fields.Problems);
        }

        var reference = cups[(cups.Count - 1) / 2];
        var reserve = Math.Min(bar.House.Reserve.Value, cups.Min(cup => cup.Shape.Height.Value) / 2);
        var room = reference.WorkingVolume(Millimetres.From(reserve)).Value;
        var build = new BuildDocument
        {
            ReserveMm = reserve,
            Sizes = [.. cups.Select(cup => cup.Id.Value)],
            ReferenceSize = reference.Id.Value,
            School = School.All[0].Code,
            Serve = Choice.Word(isCold ? Serve.Iced : Serve.Hot),
            Lines = [.. Lines(made, isCold, room, bar)],
        };
        build = Fitting.Fill(build, bar);
        return serve is Serve.Hot or Serve.Iced ? Reading<BuildDocument>.Of(build) : Served(build, serve, bar);
    }

    private static Reading<BuildDocument> Served(BuildDocument build, Serve serve, BarFacts bar)
    {
        var served = Transformer.ServeAs(build with { Name = "New" }, serve, bar, []);
        return served.IsRead
            ? Reading<BuildDocument>.Of(Fitting.Fill(served.Value.Build with { Name = null }, bar))
            : Reading<BuildDocument>.Failed(served.Problems);
    }

    private static IEnumerable<LineDocument> Lines(DrinkBase made, bool isCold, double room, BarFacts bar)
    {
        var found = FindBase(made, bar)!;
        var ice = isCold ? room * Serving.IceShare : 0;
        var liquid = room - ice;
        var isBrew = found.Kind == IngredientKind.Coffee;

        // Flavour into the cup first, so that the hot coffee melts it.
        if (Flavour(made, bar) is { } flavour)
        {
            yield return Line("flavour", flavour, Dose(room * StrokesPerMl, flavour, bar), bar, made == DrinkBase.Chocolate && isCold ? "dissolve" : "pour");
        }

        if (made == DrinkBase.Powder)
        {
            yield return Line("base", found, room * PowderPerMl, bar, "dissolve", Measure.Gram);
        }
        else if (isBrew)
        {
            yield return Line("coffee", found, liquid * BrewShare, bar, "pour", Measure.Millilitre);
        }
        else if (bar.Ingredients.FirstOrDefault(ingredient => ingredient.Kind == IngredientKind.Espresso && bar.EspressoOf(ingredient.Id) is not null) is { } espresso)
        {
            // A double for a cup of up to 400 ml of room; iced drinks need one shot more, because ice melts (common practice).
            yield return Line("coffee", espresso, (room > 400 ? 3 : 2) + (isCold && room > 300 ? 1 : 0), bar, isCold ? "cool" : made == DrinkBase.Chocolate ? "stir" : "pour", Measure.Shot);
        }

        if (bar.Ingredients.FirstOrDefault(ingredient => ingredient.Kind == IngredientKind.Milk && !ingredient.IsPart) is { } milk)
        {
            var level = isCold ? null : FoamLevels.Right(milk, bar);
            yield return Line("milk", milk, liquid * (isBrew ? 1 - BrewShare : 0.6), bar, level is null ? "pour" : "steam", Measure.Millilitre) with { Foam = level?.Id.Value };
        }

        if (isCold && bar.Ingredients.FirstOrDefault(ingredient => ingredient.IsIce) is { } cubes)
        {
            yield return Line("ice", cubes, ice, bar, "pour", Measure.Gram);
        }
    }

    private static LineDocument Line(string id, Ingredient ingredient, double amount, BarFacts bar, string? technique, Measure? measure = null)
    {
        var said = measure ?? Dosing.MeasuresFor(ingredient, bar)[0];
        var step = BarRounding.StepOf(said, ingredient, bar);
        return new LineDocument
        {
            Id = id,
            Ingredient = ingredient.Id.Value,
            Measure = said.Code,
            Amount = Math.Max(step, BarRounding.Round(amount, step)),
            Technique = technique == "pour" ? null : technique,
        };
    }

    // A stroke is a stroke; what has no pump goes in by a usual stroke's volume for each of them, in its own measure.
    private static double Dose(double strokes, Ingredient ingredient, BarFacts bar)
    {
        var measure = Dosing.MeasuresFor(ingredient, bar)[0];
        return measure.Kind == MeasureKind.Stroke
            ? strokes
            : Dosing.Convert(new Quantity(strokes * MlPerStroke, Measure.Millilitre), measure, ingredient, bar, "flavour").Value.Amount;
    }

    private static Ingredient? Flavour(DrinkBase made, BarFacts bar) => made switch
    {
        DrinkBase.Chocolate => FindBase(made, bar),
        DrinkBase.Powder => null,
        _ => bar.Ingredients.FirstOrDefault(ingredient => ingredient.Kind == IngredientKind.Syrup && bar.DispenserOf(ingredient.Id) is not null)
            ?? bar.Ingredients.FirstOrDefault(ingredient => ingredient.Kind == IngredientKind.Syrup),
    };

    private static Ingredient? FindBase(DrinkBase made, BarFacts bar) => made switch
    {
        DrinkBase.Espresso => bar.Ingredients.FirstOrDefault(ingredient => ingredient.Kind == IngredientKind.Espresso && bar.EspressoOf(ingredient.Id) is not null),
        DrinkBase.Batch => Brewed(bar, BrewMethod.Batch),
        DrinkBase.ColdBrew => Brewed(bar, BrewMethod.ColdBrew),
        DrinkBase.Strong => Brewed(bar, BrewMethod.Strong) ?? Brewed(bar, BrewMethod.StoveTop),
        DrinkBase.Powder => bar.Ingredients.FirstOrDefault(ingredient => ingredient.Kind == IngredientKind.Powder && (ingredient.Strength?.Value > 0 || ingredient.Composition.CaffeineMg > 0)),
        _ => bar.Ingredients.FirstOrDefault(ingredient => ingredient.Kind == IngredientKind.Sauce && ingredient.Composition.CaffeineMg > 0),
    };

    private static Ingredient? Brewed(BarFacts bar, BrewMethod method) =>
        bar.Ingredients.FirstOrDefault(ingredient => bar.CoffeeOf(ingredient.Id)?.Method == method);

    private static string NameOf(DrinkBase made) => made switch
    {
        DrinkBase.Batch => "Brewed iced coffee",
        DrinkBase.ColdBrew => "Cold brew",
        DrinkBase.Strong => "Strong brew",
        DrinkBase.Powder => "Powder",
        DrinkBase.Chocolate => "Chocolate and espresso",
        _ => "Espresso",
    };

    private static string Lacks(DrinkBase made) => made switch
    {
        DrinkBase.Batch => "coffee with a batch recipe",
        DrinkBase.ColdBrew => "coffee with a cold brew recipe",
        DrinkBase.Strong => "coffee with a strong brew recipe",
        DrinkBase.Powder => "instant coffee or cocoa",
        DrinkBase.Chocolate => "chocolate sauce of which the caffeine is known",
        _ => "espresso with a recipe",
    };
}
