using Krasis.Core.Bar;
using Krasis.Core.Bar.Coffee;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Lines;

/// <summary>A line with everything the sums need of it, looked up once: all of them are so much a gram, and a gram is
/// so much of the line's measure.</summary>
public sealed class LineFacts
{
    /// <summary>Looks a line up.</summary>
    /// <exception cref="ArgumentException">The build was read against another bar.</exception>
    public LineFacts(BuildLine line, Build build, BarFacts bar, IScaling scaling)
    {
        var here = bar.Pulling(line.Recipe);
        Line = line;
        Ingredient = here.Find(line.Ingredient)
            ?? throw new ArgumentException($"The bar has no ingredient '{line.Ingredient}'.", nameof(line));
        Technique = line.Technique.Facts();
        Rule = line.Rule ?? scaling.RuleFor(Ingredient);
        GramsPerUnit = Dosing.Mass(new Quantity(1, line.Set.Measure), Ingredient, here).Value;
        Step = BarRounding.StepOf(line.Set.Measure, Ingredient, here);
        Foam = line.Foam is { } foam && Technique.WantsFoam ? bar.Find(foam) : null;
        if (Foam is { IsCold: false } && line.SteamedTo is { } steamed)
        {
            Foam = Foam with { To = steamed };
        }

        Recipe = here.EspressoOf(Ingredient.Id);
        PourPlace =
            Technique.PourPlace == PourPlace.InTheDrink && Ingredient.IsTopping ? PourPlace.OnTop : Technique.PourPlace;
        IsIce = Ingredient.IsIce && PourPlace == PourPlace.InTheDrink;
        Solids = Ingredient.Strength?.Value / 100 ?? (Ingredient.CoffeeShare > 0 ? null : 0);
        Sweetness = bar.House.Sweetness.Of(Ingredient, build.Serve == Serve.Hot ? Warmth.Hot : Warmth.Cold) / 100;
        VolumePerGram = 1 / Ingredient.DensityInDrink.Value;
        HeapPerGram = IsIce ? 1 / (Ingredient.Density.Value * Ingredient.SolidFraction) : 0;
        CondensatePerGram = Foam is { IsCold: false } ? Foam.CondensatePerGram(Ingredient.SpecificHeat) : 0;
        FoamCap = Foam is not null && line.FoamCap is { } cap ? cap.Value : 0;
        Overrun = line.FoamCap is not null ? 0 : Foam?.Overrun ?? 0;
        FoamsLikeMilk = Ingredient.MilkShare > 0 || Ingredient.CoffeeShare <= 0;
        var served = ServedAt(build, here);
        Temperature = line.Technique switch
        {
            Builds.Technique.Steam when Foam is not null => Foam.To.Value,
            Builds.Technique.Foam when Foam is not null && FoamsLikeMilk => Foam.From.Value,
            Builds.Technique.Cool => Math.Min(
                (line.CooledTo ?? CoolingWays.Usual(line.Cooling, bar.House.Room)).Value,
                served.Value
            ),
            _ => served.Value,
        };
        MeltPerGram =
            line is { Technique: Builds.Technique.Cool, Cooling: CoolingWay.OverIce } && !IsIce
                ? CoolingWays.MeltPerGram(served, Celsius.From(Temperature), IceFor(build, bar))
                : 0;
        Capacity = Ingredient.SpecificHeat.Value;
        MeltHeat = Ingredient.MeltHeat;
        ShotsPerPull = line.Set.Measure.Kind == MeasureKind.Shot ? Recipe?.ShotsPerPull ?? 0 : 0;

        // A rule of one's own that keeps a line the same in every size is kept; every other one says how many shots,
        // and the stretch the rest.
        MostStretch =
            scaling.StretchesTheShot && Recipe is { } pulled ? Math.Max(1, pulled.Basket.To / pulled.Dose) : 1;
        IsStretched = scaling.StretchesTheShot && ShotsPerPull > 0 && line.Rule?.By != ScaleBy.Fixed;
    }

    /// <summary>The line.</summary>
    public BuildLine Line { get; }

    /// <summary>Its ingredient; a coffee as the line's recipe makes it.</summary>
    public Ingredient Ingredient { get; }

    /// <summary>How it goes in.</summary>
    public TechniqueFacts Technique { get; }

    /// <summary>What it follows.</summary>
    public LineRule Rule { get; }

    /// <summary>The foam level that it is steamed or foamed to.</summary>
    public FoamLevel? Foam { get; }

    /// <summary>The espresso recipe that it is pulled by; null for what is not espresso.</summary>
    public EspressoRecipe? Recipe { get; }

    /// <summary>Where it ends up.</summary>
    public PourPlace PourPlace { get; }

    /// <summary>Grams of one of the line's measure.</summary>
    public double GramsPerUnit { get; }

    /// <summary>The smallest difference that the bar pours, in the line's measure.</summary>
    public double Step { get; }

    /// <summary>Whether it foams like milk: from fridge temperature, and depending on its fat. Whipped coffee does
    /// not.</summary>
    public bool FoamsLikeMilk { get; }

    /// <summary>Whether it stands on the drink and is no part of the liquid.</summary>
    public bool IsOnTop => PourPlace == PourPlace.OnTop;

    /// <summary>Whether it is part of the drink: neither on top of it nor on the glass.</summary>
    public bool IsInside => PourPlace == PourPlace.InTheDrink;

    /// <summary>Whether it is ice in the drink.</summary>
    public bool IsIce { get; }

    /// <summary>Coffee solids in a gram, g; null when not known.</summary>
    public double? Solids { get; }

    /// <summary>Sucrose that tastes as sweet as a gram of it, g; null when not known.</summary>
    public double? Sweetness { get; }

    /// <summary>Millilitres of a gram in the drink, without foam.</summary>
    public double VolumePerGram { get; }

    /// <summary>Millilitres of heap of a gram of ice.</summary>
    public double HeapPerGram { get; }

    /// <summary>Grams of steam that condense into a gram.</summary>
    public double CondensatePerGram { get; }

    /// <summary>Grams of water that a gram takes up from the ice it is cooled over.</summary>
    public double MeltPerGram { get; }

    /// <summary>Volume gained by foaming, as a fraction; zero where a cap is said, however thick.</summary>
    public double Overrun { get; }

    /// <summary>How thick its foam stands, mm; zero where the foam level says how much it grows.</summary>
    public double FoamCap { get; }

    /// <summary>How warm it goes into the cup, °C.</summary>
    public double Temperature { get; }

    /// <summary>Heat that melts what is frozen of a gram of ice cream, J.</summary>
    public double MeltHeat { get; }

    /// <summary>J/(g·K).</summary>
    public double Capacity { get; }

    /// <summary>Shots that a pull counts for, where the line is said in shots; zero elsewhere.</summary>
    public int ShotsPerPull { get; }

    /// <summary>Whether its pulls grow with the cup.</summary>
    public bool IsStretched { get; }

    /// <summary>How many times the recipe's dose its basket takes at the most, where pulls stretch with the cup; else
    /// one.</summary>
    public double MostStretch { get; }

    /// <summary>How many times the recipe's dose goes into a pull: as much as is still missing to so many times the
    /// reference's coffee, as far as the basket takes it.</summary>
    /// <param name="growth">How many times the reference's coffee is wanted of each shot; above zero.</param>
    /// <example>A basket of 18 to 20 g, a dose of 18.5 g and a cup 1.3 times as large with as many shots: 20 ÷ 18.5 =
    /// 1.08.</example>
    public double StretchFor(double growth) =>
        IsStretched && Recipe is { } recipe
            ? Math.Clamp(recipe.Dose.Value * growth, recipe.Basket.From.Value, recipe.Basket.To.Value)
                / recipe.Dose.Value
            : 1;

    /// <summary>Grams of an amount of the line's measure.</summary>
    /// <param name="amount">How much.</param>
    /// <param name="stretch">How many times the recipe's dose goes into a pull.</param>
    public double Mass(double amount, double stretch) => amount * GramsPerUnit * stretch;

    // Brewed coffee and tea come hot from the pot into a hot drink, and cold into every other.
    private Celsius ServedAt(Build build, BarFacts here) =>
        build.Serve == Serve.Hot && (here.CoffeeOf(Ingredient.Id)?.HotAt ?? Ingredient.HotAt) is { } hot
            ? hot
            : Ingredient.ServedAt;

    // A coffee is cooled over the drink's ice, or else the bar's.
    private static Celsius IceFor(Build build, BarFacts bar) =>
        (
            build
                .Lines.Select(other => bar.Find(other.Ingredient))
                .FirstOrDefault(ingredient => ingredient is { IsIce: true })
            ?? bar.Ingredients.FirstOrDefault(ingredient => ingredient.IsIce)
        )?.ServedAt
        ?? Celsius.From(0);
}
