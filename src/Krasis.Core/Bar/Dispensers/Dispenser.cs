using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Dispensers;

/// <summary>A pump, bottle or scoop that gives one ingredient by the stroke.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Holds">The ingredient in it.</param>
/// <param name="YieldPerStroke">What one stroke gives, as measured.</param>
public sealed record Dispenser(
    string Id,
    string Name,
    DispenserKind Kind,
    IngredientId Holds,
    Millilitres YieldPerStroke
)
{
    /// <summary>The weighing that the yield comes from; null where it was entered as a volume.</summary>
    public StrokeWeighing? Weighing { get; init; }

    /// <summary>What the maker says a stroke gives; null when not known.</summary>
    public Millilitres? Nominal { get; init; }

    /// <summary>How far a measured stroke may be from what its maker says, %: beyond 5 it is more than weighing strokes
    /// is unsure of (common practice, no source).</summary>
    public const double NominalTolerance = 5;

    /// <summary>How far the measured stroke is from what the maker says; null when that is not known.</summary>
    public Percent? OffNominal => Nominal is { } nominal ? Off(YieldPerStroke, nominal) : null;

    /// <summary>Whether that is too far.</summary>
    public static bool IsOff(Percent off) => Math.Abs(off.Value) > NominalTolerance + 1e-9;

    /// <summary>How far a measured stroke is from a nominal one.</summary>
    public static Percent Off(Millilitres measured, Millilitres nominal) =>
        Percent.From(((measured / nominal) - 1) * 100);

    /// <summary>Whether the bar gives half strokes of it; null as the house has it.</summary>
    public bool? GivesHalves { get; init; }

    /// <summary>The station at which it stands; null when it serves every station.</summary>
    public string? Station { get; init; }

    /// <summary>The day on which its strokes were weighed; null when not known.</summary>
    public DateOnly? WeighedOn { get; init; }
}
