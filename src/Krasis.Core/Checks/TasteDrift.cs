using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Measures;
using Krasis.Core.Mixing;

namespace Krasis.Core.Checks;

/// <summary>A size does not taste like the reference size: its strength or its sweetness is further off than the house
/// allows.</summary>
public sealed class TasteDrift : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "taste-drift";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(SizeSheet size, BarFacts bar)
    {
        if (IsBeyond(size.Drift.Strength, bar.House.AllowedStrengthDrift))
        {
            yield return Found(size, $"{By(size.Drift.Strength!.Value, "weaker", "stronger")} than the reference size ({size.Taste.Strength!.Value.Value.ToString("0.00", CultureInfo.InvariantCulture)} % coffee solids)", bar.House.AllowedStrengthDrift, "the coffee or the milk");
        }

        if (IsBeyond(size.Drift.Sweetness, bar.House.AllowedSweetnessDrift))
        {
            yield return Found(size, $"{By(size.Drift.Sweetness!.Value, "less sweet", "sweeter")} than the reference size ({size.Taste.Sweetness!.Value.Value.ToString("0.0", CultureInfo.InvariantCulture)} g/100 g)", bar.House.AllowedSweetnessDrift, "the flavour or the milk");
        }
    }

    private static bool IsBeyond(Percent? drift, Percent allowed) => drift is { } found && Math.Abs(found.Value) > allowed.Value;

    private static string By(Percent drift, string less, string more) =>
        $"{Math.Abs(drift.Value).ToString("0", CultureInfo.InvariantCulture)} % {(drift.Value < 0 ? less : more)}";

    private static Finding Found(SizeSheet size, string what, Percent allowed, string pin) => new(
        Name,
        Severity.Warning,
        size.Size,
        null,
        $"{size.Name} is {what}; the house allows {allowed.Value.ToString("0.#", CultureInfo.InvariantCulture)} %. Pin {pin} in {size.Name}.",
        null);
}
