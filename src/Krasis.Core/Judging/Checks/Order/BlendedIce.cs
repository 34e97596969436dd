using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Order;

/// <summary>A blended drink has less ice to its liquid than it needs to become thick, or more than the blender takes
/// without lumps.</summary>
internal sealed class BlendedIce : ICheck
{
    // No finding for what the scale does not show.
    private const double Hair = 0.005;

    /// <inheritdoc/>
    public string Name => "blended-ice";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (setting.Build.Serve != Serve.Blended)
        {
            yield break;
        }

        var limits = setting.Bar.House.Serving;
        var liquid =
            worked.Poured.CoolingMelt
            + worked
                .Lines.Where(line => line.IsPoured && line.IsInside && !line.Ingredient.IsFrozen)
                .Sum(line => line.Mass * line.VolumePerGram);
        var ice = worked.Poured.IceMass + worked.Poured.Scoops;
        if (liquid <= 0)
        {
            yield return Found(setting, size, "has nothing but ice in the blender.", null, Severity.Fault);
            yield break;
        }

        var share = ice / liquid;
        var what =
            share < limits.BlendedIceFrom - Hair ? "will be thin"
            : share > limits.BlendedIceTo + Hair ? "will be lumpy"
            : null;
        if (what is null)
        {
            yield break;
        }

        var aim = (what == "will be thin" ? limits.BlendedIceFrom : limits.BlendedIceTo) * liquid;
        yield return Found(
            setting,
            size,
            $"{what}: {share.ToString("0.00", CultureInfo.InvariantCulture)} g of ice{(worked.Poured.Scoops > 0 ? " and ice cream" : "")} per ml of liquid. {Say.Short(limits.BlendedIceFrom)} to {Say.Short(limits.BlendedIceTo)} g blends well.",
            worked.Lines.FirstOrDefault(line => line is { IsIce: true, IsPoured: true } && worked.IsFree(line))
                is { } line
                ? MendOf(size, worked, line, aim)
                : null,
            Severity.Warning
        ) with
        {
            Excess = new("ice", Math.Max(limits.BlendedIceFrom - share, share - limits.BlendedIceTo)),
        };
    }

    // Only where the cup still holds it: a fix that makes it overfull is none.
    private static Mend? MendOf(SizeSheet size, WorkedSize worked, WorkedLine line, double grams)
    {
        var amounts = worked.Amounts();
        var frozen = worked.Poured.IceMass + worked.Poured.Scoops;
        var others = frozen - line.Mass;
        var exact = (grams - others) / line.Facts.GramsPerUnit;
        var amount =
            grams > frozen
                ? Math.Ceiling((exact / line.Step) - 1e-9) * line.Step
                : BarRounding.RoundDown(exact, line.Step);
        if (amount <= 0)
        {
            return null;
        }

        amounts[line.Index] = amount;
        var room = Math.Max(size.Fill.WorkingVolume.Value, size.Fill.OccupiedVolume.Value);
        return worked.With(amounts).Occupied <= room + 1e-6
            ? Mend.Cells(
                $"Take {line.Line.Set.With(amount)} of {line.Ingredient.Name}",
                new CellEdit(line.Line.Id, size.Size, amount)
            )
            : null;
    }

    private Finding Found(Setting setting, SizeSheet size, string message, Mend? mend, Severity severity) =>
        new(
            Name,
            severity,
            size.Size,
            setting.Reference.Lines.FirstOrDefault(line => line.IsIce)?.Line.Id,
            $"{size.Name} {message}",
            mend
        )
        {
            Otherwise = "Change the ice or the liquid.",
        };
}
