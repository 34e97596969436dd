using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Quantities;

namespace Krasis.Core.Builds;

/// <summary>One thing that goes into the cup.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Ingredient">What goes in.</param>
/// <param name="Set">How much, at the reference size.</param>
/// <param name="Pins">How much at the sizes where the lead has said so by hand, in the measure of
/// <paramref name="Set"/>. Never the reference size.</param>
public sealed record BuildLine(
    LineId Id,
    IngredientId Ingredient,
    Quantity Set,
    IReadOnlyDictionary<CupId, Quantity> Pins
)
{
    /// <summary>How it goes into the cup.</summary>
    public Technique Technique { get; init; }

    /// <summary>The foam level that it is steamed or foamed to; null when it is not.</summary>
    public FoamId? Foam { get; init; }

    /// <summary>How it follows from the reference size; null as the build's school has it.</summary>
    public LineRule? Rule { get; init; }

    /// <summary>To where it fills the cup; null when it goes in by amount.</summary>
    public Mark? To { get; init; }

    /// <summary>To where it fills the cup at the sizes where that was said by hand.</summary>
    public IReadOnlyDictionary<CupId, Mark> PinnedMarks { get; init; } = new Dictionary<CupId, Mark>();

    /// <summary>To where it fills a cup; null where it goes in by amount. What is said for the size comes before what
    /// is said for all.</summary>
    public Mark? MarkIn(CupId size) =>
        PinnedMarks.TryGetValue(size, out var mark) ? mark
        : Pins.ContainsKey(size) ? null
        : To;

    /// <summary>The id of the espresso recipe that it is pulled by; null for the bar's first.</summary>
    public string? Recipe { get; init; }

    /// <summary>How it is cooled, where it is.</summary>
    public CoolingWay Cooling { get; init; }

    /// <summary>To what it is cooled; null as that way of cooling usually does.</summary>
    public Celsius? CooledTo { get; init; }

    /// <summary>To what it is steamed; null to the foam level's end.</summary>
    public Celsius? SteamedTo { get; init; }

    /// <summary>How thick the foam on it stands; null by the foam level.</summary>
    public Millimetres? FoamCap { get; init; }

    /// <summary>What the lead wants done with it besides; null for nothing.</summary>
    public string? Note { get; init; }

    /// <summary>What the card says the reference size's amount is in another measure; null when it says
    /// nothing.</summary>
    public Quantity? Stated { get; init; }

    /// <summary>The same of the sizes whose amount was said by hand.</summary>
    public IReadOnlyDictionary<CupId, Quantity> PinnedStated { get; init; } = new Dictionary<CupId, Quantity>();
}
