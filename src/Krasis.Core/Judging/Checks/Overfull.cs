using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>More goes into a size than its cup holds below the reserve: a warning up to the brim, a fault beyond.</summary>
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
        var mend = HoldBack.For(worked, content => content.Occupied <= size.Fill.WorkingVolume.Value + Tolerance);
        var what = spills
            ? $"{size.Name} runs over: {Say.Ml(size.Fill.OccupiedVolume)} in a cup of {Say.Ml(size.Cup.BrimCapacity)} spills {Say.Ml(size.Fill.Spilt)}, and is {over} more than fits below the reserve."
            : $"{size.Name} is overfull by {over}: {Say.Ml(size.Fill.OccupiedVolume)} reaches into the reserve above {Say.Ml(size.Fill.WorkingVolume)}.";
        yield return new Finding(
            Name,
            spills ? Severity.Fault : Severity.Warning,
            size.Size,
            null,
            $"{what} {(mend is null ? "Use a larger cup, or less of the rest." : $"{mend.Label}.")}",
            mend);
    }
}
