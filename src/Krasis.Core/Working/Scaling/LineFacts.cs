using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Milk;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Scaling;

/// <summary>A line with everything the sums need of it, looked up once: all of them are so much a gram, and a gram is so much
/// of the line's measure.</summary>
public sealed class LineFacts
{
    // Espresso is "cooled" when it no longer warms what it meets: stirred over ice or whisked with two cubes for half a
    // minute, and the ice taken out (common practice, no source).
    private const double Cooled = 20;

    /// <summary>Looks a line up.</summary>
    /// <exception cref="ArgumentException">The build was read against another bar.</exception>
    public LineFacts(BuildLine line, Build build, BarFacts bar, IScaling scaling)
    {
        Line = line;
        Ingredient = bar.Find(line.Ingredient) ?? throw new ArgumentException($"The bar has no ingredient '{line.Ingredient}'.", nameof(line));
        Rule = line.Rule ?? scaling.RuleFor(Ingredient);
        GramsPerUnit = Dosing.Mass(new Quantity(1, line.Set.Measure), Ingredient, bar).Value;
        Step = BarRounding.StepOf(line.Set.Measure, Ingredient, bar);
        Foam = line.Foam is { } foam && (line.Technique is Technique.Steam or Technique.Foam) ? bar.Find(foam) : null;
        var recipe = Ingredient.Kind == IngredientKind.Espresso ? bar.EspressoOf(Ingredient.Id) : null;
        IsOnTop = Ingredient.IsTopping || line.Technique is Technique.Top or Technique.Rim or Technique.Dust or Technique.Torch or Technique.Skewer;
        IsIce = Ingredient.IsIce && !IsOnTop;
        Solids = Ingredient.Kind == IngredientKind.Espresso ? recipe?.Strength?.Value / 100
            : Ingredient.Strength?.Value / 100 ?? (Ingredient.Kind == IngredientKind.Coffee ? null : 0);
        Sweetness = bar.House.Sweetness.Of(Ingredient) / 100;
        VolumePerGram = 1 / Ingredient.DensityInDrink.Value;
        HeapPerGram = IsIce ? 1 / (Ingredient.Density.Value * Ingredient.SolidFraction) : 0;
        CondensatePerGram = Foam is { IsCold: false } ? Foam.CondensatePerGram(Ingredient.SpecificHeat) : 0;
        Overrun = Foam?.Overrun ?? 0;
        Temperature = line.Technique switch
        {
            Technique.Steam when Foam is not null => Foam.To.Value,
            Technique.Foam when Foam is not null => Foam.From.Value,
            Technique.Cool => Math.Min(Cooled, (recipe?.CupTemperature ?? Ingredient.ServedAt).Value),
            _ => (recipe?.CupTemperature ?? Ingredient.ServedAt).Value,
        };
        Capacity = Ingredient.SpecificHeat.Value;
        ShotsPerPull = line.Set.Measure.Kind == MeasureKind.Shot ? recipe?.ShotsPerPull ?? 0 : 0;
        Dose = recipe?.Dose.Value ?? 0;
        Yield = recipe?.Yield.Value ?? 0;
        Basket = recipe is null ? (0, 0) : (recipe.Basket.From.Value, recipe.Basket.To.Value);
        IsStretched = scaling.StretchesTheShot && ShotsPerPull > 0;
    }

    /// <summary>The line.</summary>
    public BuildLine Line { get; }

    /// <summary>Its ingredient.</summary>
    public Ingredient Ingredient { get; }

    /// <summary>What it follows.</summary>
    public LineRule Rule { get; }

    /// <summary>The foam level that it is steamed or foamed to.</summary>
    public FoamLevel? Foam { get; }

    /// <summary>Grams of one of the line's measure.</summary>
    public double GramsPerUnit { get; }

    /// <summary>The smallest difference that the bar pours, in the line's measure.</summary>
    public double Step { get; }

    /// <summary>Whether it stands on the drink and is no part of the liquid.</summary>
    public bool IsOnTop { get; }

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

    /// <summary>Volume gained by foaming, as a fraction.</summary>
    public double Overrun { get; }

    /// <summary>How warm it goes into the cup, °C.</summary>
    public double Temperature { get; }

    /// <summary>J/(g·K).</summary>
    public double Capacity { get; }

    /// <summary>Shots that a pull counts for, where the line is said in shots; zero elsewhere.</summary>
    public int ShotsPerPull { get; }

    /// <summary>The recipe's dose, g; zero for what is not espresso.</summary>
    public double Dose { get; }

    /// <summary>The recipe's yield, g; zero for what is not espresso.</summary>
    public double Yield { get; }

    /// <summary>What the basket takes, g.</summary>
    public (double From, double To) Basket { get; }

    /// <summary>Whether its pulls grow with the cup.</summary>
    public bool IsStretched { get; }

    /// <summary>How many times the reference's dose goes into a pull when the cup grows: as far as the basket takes it.</summary>
    public double StretchFor(double cup) => IsStretched ? Math.Clamp(Dose * cup, Basket.From, Basket.To) / Dose : 1;

    /// <summary>Grams of an amount of the line's measure.</summary>
    public double Mass(double amount, double stretch) => amount * GramsPerUnit * (IsStretched ? stretch : 1);
}
