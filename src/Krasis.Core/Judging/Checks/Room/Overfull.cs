using Krasis.Core.Bar;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Room;

/// <summary>More goes into a size than its cup holds below the reserve: a warning up to the brim, a fault
/// beyond.</summary>
internal sealed class Overfull : ICheck
{
    /// <inheritdoc/>
    public string Name => "overfull";

    // A hair's breadth of arithmetic is not an overfull cup.
    private const double Tolerance = 1e-6;

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (size.Fill.RoomLeft.Value >= -Tolerance)
        {
            yield break;
        }

        var spills = size.Fill.Spilt.Value > Tolerance;
        var over = Say.Ml(size.Fill.OccupiedVolume - size.Fill.WorkingVolume);
        var own = IceOfTheReference(setting, size, worked);
        var ways = AmountReduction.For(worked, content =>
            content.Occupied <= size.Fill.WorkingVolume.Value + Tolerance
        );
        Mend[] mends =
        [
            .. own is null ? Array.Empty<Mend>() : [own],
            .. ways,
            .. AmountReduction.IceBelowAFillLine(worked),
        ];
        var what = spills
            ? $"{size.Name} runs over: {Say.Ml(size.Fill.OccupiedVolume)} in a cup of {Say.Ml(size.Cup.BrimCapacity)} spills {Say.Ml(size.Fill.Spilt)}, and is {over} more than fits below the reserve."
            : $"{size.Name} is overfull by {over}: {Say.Ml(size.Fill.OccupiedVolume)} reaches into the reserve above {Say.Ml(size.Fill.WorkingVolume)}.";
        yield return new Finding(
            Name,
            spills ? Severity.Fault : Severity.Warning,
            size.Size,
            null,
            own is null ? what : $"{what} The ice is pinned at what the reference size takes.",
            mends.FirstOrDefault()
        )
        {
            Otherwise = "Use a larger cup, or less of the rest.",
            CanAdvise = true,
            Excess = new("headspace", -size.Fill.RoomLeft.Value),
            OtherMends = [.. mends.Skip(1)],
        };
    }

    // A smaller cup whose ice is pinned at the reference's: with its own share of it, the rest would fit.
    private static Mend? IceOfTheReference(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (worked.Size.Growth.Cup >= 1)
        {
            return null;
        }

        foreach (
            var line in worked.Lines.Where(line => line.IsIce && line.Origin == Origin.Pinned && worked.IsFree(line))
        )
        {
            var reference = setting.Reference.Lines[line.Index].Amount;
            var own = Math.Max(line.Step, BarRounding.RoundDown(reference * worked.Size.Growth.Cup, line.Step));
            var amounts = worked.Amounts();
            amounts[line.Index] = own;
            if (
                line.Amount >= reference
                && own < line.Amount
                && worked.With(amounts).Occupied <= size.Fill.WorkingVolume.Value + Tolerance
            )
            {
                return Mend.Cells(
                    $"Take less ice: {line.Line.Set.With(own)} of {line.Ingredient.Name}",
                    new CellEdit(line.Line.Id, size.Size, own)
                );
            }
        }

        return null;
    }
}
