using System.Globalization;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Taste;

/// <summary>A size does not taste like the reference size: its strength or its sweetness is further off than the house
/// allows.</summary>
internal sealed class TasteDrift : ICheck
{
    /// <inheritdoc/>
    public string Name => "taste-drift";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        var house = setting.Bar.House;
        if (size.Taste.Drift.IsStrengthFar && !SameShotInABiggerCup.Is(setting, size, worked))
        {
            yield return Found(
                setting,
                size,
                worked,
                true,
                $"{By(size.Taste.Drift.Strength!.Value, "weaker", "stronger", house.AllowedStrengthDrift)} than the reference size ({size.Taste.Poured.Strength!.Value.Value.ToString("0.00", CultureInfo.InvariantCulture)} % coffee solids)",
                house.AllowedStrengthDrift,
                "the coffee or the milk"
            );
        }

        if (size.Taste.Drift.IsSweetnessFar)
        {
            yield return Found(
                setting,
                size,
                worked,
                false,
                $"{By(size.Taste.Drift.Sweetness!.Value, "less sweet", "sweeter", house.AllowedSweetnessDrift)} than the reference size ({size.Taste.Poured.Sweetness!.Value.Value.ToString("0.0", CultureInfo.InvariantCulture)} g/100 g)",
                house.AllowedSweetnessDrift,
                "the flavour or the milk"
            );
        }
    }

    /// <summary>A drift in words, such as "24 % weaker"; with a decimal where whole numbers would say that it is just
    /// what is allowed.</summary>
    public static string By(Percent drift, string less, string more, Percent allowed)
    {
        var by = Math.Abs(drift.Value);
        var format = Math.Round(by) == Math.Round(allowed.Value) ? "0.0" : "0";
        return $"{by.ToString(format, CultureInfo.InvariantCulture)} % {(drift.Value < 0 ? less : more)}";
    }

    private Finding Found(
        Setting setting,
        SizeSheet size,
        WorkedSize worked,
        bool strength,
        string what,
        Percent allowed,
        string pin
    )
    {
        var mends = DriftMend.For(setting, worked, strength);
        return new(
            Name,
            Severity.Warning,
            size.Size,
            null,
            $"{size.Name} is {what}; the house allows {Say.Short(allowed.Value)} %.",
            mends.Count > 0 ? mends[0] : null
        )
        {
            Excess = new(
                strength ? Excess.Strength : Excess.Sweetness,
                Math.Abs((strength ? size.Taste.Drift.Strength : size.Taste.Drift.Sweetness)!.Value.Value)
                    - allowed.Value
            ),
            OtherMends = [.. mends.Skip(1)],
            Otherwise = $"Pin {pin} in {size.Name}.",
            CanAdvise = true,
        };
    }
}
