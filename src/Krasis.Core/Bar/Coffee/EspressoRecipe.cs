using System.Globalization;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Coffee;

/// <summary>How the bar pulls its espresso.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Makes">The ingredient that comes out.</param>
/// <param name="Dose">Ground coffee in, a pull.</param>
/// <param name="Yield">Espresso out, a pull.</param>
/// <param name="ShotsPerPull">How many shots a pull counts for: 2 for a double.</param>
/// <param name="Extraction">The share of the dose that is dissolved in the yield; null when not known.</param>
public sealed record EspressoRecipe(
    string Id,
    string Name,
    IngredientId Makes,
    Grams Dose,
    Grams Yield,
    int ShotsPerPull,
    Percent? Extraction
)
{
    /// <summary>How long a good pull takes; null when the house has no window.</summary>
    public PullWindow? Window { get; init; }

    /// <summary>The least and the most that the basket takes; the dose itself when not said.</summary>
    public (Grams From, Grams To) Basket { get; init; } = (Dose, Dose);

    /// <summary>Whether a shot may be halved.</summary>
    public bool GivesHalves { get; init; }

    /// <summary>How warm the espresso is in the cup; null when not said.</summary>
    public Celsius? CupTemperature { get; init; }

    /// <summary>The station whose grinder and machine it is for; null when it holds at every station.</summary>
    public string? Station { get; init; }

    /// <summary>The day the coffee in the hopper was roasted; null when not said.</summary>
    public DateOnly? RoastedOn { get; init; }

    /// <summary>How many days it rests after that before it is pulled; null when not said.</summary>
    public int? RestDays { get; init; }

    /// <summary>The first day on which it is rested; null when that is not known.</summary>
    public DateOnly? RestedFrom => RestDays is { } days ? RoastedOn?.AddDays(days) : null;

    /// <summary>When it was roasted and until when it rests, to be said after the coffee's name; null when that is not
    /// known.</summary>
    public string? Rest =>
        RoastedOn is { } roasted && RestedFrom is { } from
            ? string.Create(
                CultureInfo.InvariantCulture,
                $"was roasted on {roasted:d MMMM} and rests until {from:d MMMM}. Before that it tastes sharp"
            )
            : null;

    /// <summary>The last checked pull; null when there is none.</summary>
    public Pull? LastPull { get; init; }

    /// <summary>Espresso in one shot: the pull's yield shared among its shots.</summary>
    public Grams PerShot => Yield * (1.0 / ShotsPerPull);

    /// <summary>Coffee solids in the espresso: dose × extraction ÷ yield; null when the extraction is not
    /// known.</summary>
    public Percent? Strength => Extraction is { } extraction ? Percent.From(Dose / Yield * extraction.Value) : null;
}
