using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making;

/// <summary>One thing that is done for a drink.</summary>
/// <param name="Number">Its place on a card, from 1. What goes into the shaker or the blender jar together shares
/// one.</param>
/// <param name="Title">What it is about, such as the ingredient.</param>
/// <param name="Amount">How much, as the bar says it: the largest thing on a card; empty where nothing goes in.</param>
/// <param name="Beside">The same in volume and mass; empty where nothing goes in.</param>
/// <param name="How">What is done, in a sentence or two.</param>
public sealed record MakingStep(int Number, string Title, string Amount, string Beside, string How)
{
    /// <summary>The line that goes in; null where nothing does.</summary>
    public LineId? Line { get; init; }

    /// <summary>What it goes into, such as "Into the shaker"; null for the cup.</summary>
    public string? Into { get; init; }

    /// <summary>Whether it is more of a line that is in already.</summary>
    public bool IsMore { get; init; }

    /// <summary>What goes in; null where nothing does.</summary>
    public IngredientId? Ingredient { get; init; }

    /// <summary>How much of it goes in by volume, before it is steamed; null where nothing does, and of ice.</summary>
    public Millilitres? Cold { get; init; }

    /// <summary>What colour it has, as #rrggbb; null where nothing goes in.</summary>
    public string? Colour { get; init; }

    /// <summary>What is taken in the hand, such as the pump or the pitcher; null when it is not known.</summary>
    public string? Hold { get; init; }

    /// <summary>The id of the dispenser that gives it; null where none does.</summary>
    public string? Dispenser { get; init; }

    /// <summary>What the scale is to show of it; null where nothing goes in.</summary>
    public Target? Target { get; init; }

    /// <summary>To where the drink stands then; null where it is not in the cup yet, or not to be seen.</summary>
    public StepLevel? Level { get; init; }

    /// <summary>What is to be seen then, such as where the drink stands by the lines of the cup; null where nothing
    /// is.</summary>
    public string? See { get; init; }

    /// <summary>How it is pulled, where it is espresso.</summary>
    public StepShot? Shot { get; init; }

    /// <summary>How it is foamed, where it is.</summary>
    public StepFoam? Foam { get; init; }

    /// <summary>What is done while this goes on by itself; null when there is nothing to be done.</summary>
    public string? Meanwhile { get; init; }

    /// <summary>How warm it is to be then; null where that is not said.</summary>
    public Celsius? Temperature { get; init; }

    /// <summary>How long it takes, s; null where that is not said.</summary>
    public double? Seconds { get; init; }

    /// <summary>How long it may stand before anything is poured onto it, s; null where it does not matter.</summary>
    public double? MayStand { get; init; }

    /// <summary>What is to be minded.</summary>
    public IReadOnlyList<string> Cautions { get; init; } = [];

    /// <summary>The allergens that come in with it, then those that may, and whether nobody has read its
    /// label.</summary>
    public IReadOnlyList<string> Allergens { get; init; } = [];
}
