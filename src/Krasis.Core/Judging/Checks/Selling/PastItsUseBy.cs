using System.Globalization;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;

namespace Krasis.Core.Judging.Checks.Selling;

/// <summary>Something that goes in is past the last day on which it may be used.</summary>
internal sealed class PastItsUseBy() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "past-use-by";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at) =>
        at.Whole.Today is { } today && at.Ingredient.UseBy is { } day && today > day
            ? Found(
                at,
                Severity.Fault,
                $"{at.Ingredient.Name} was to be used by {day.ToString("d MMMM yyyy", CultureInfo.InvariantCulture)}. Discard it and {(at.Ingredient.IsPart ? "make" : "open")} a new one."
            )
            : null;
}
