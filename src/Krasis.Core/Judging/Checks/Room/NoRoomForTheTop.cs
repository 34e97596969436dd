using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Drawing;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Room;

/// <summary>What stands on the drink, or its ice, keeps the lid from closing.</summary>
internal sealed class NoRoomForTheTop : ICheck
{
    /// <inheritdoc/>
    public string Name => "no-room-for-top";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (size.Fill.LidIsClear != false)
        {
            yield break;
        }

        var cup = worked.Size.Cup;
        var clearance = cup.LidClearance!.Value;
        var limit = cup.Shape.Height + clearance;
        var mends = AmountReduction.For(worked, content => Crown.Of(cup, content) <= limit + Millimetres.From(1e-9));
        var what =
            worked.Poured.OnTop > 0 ? "what stands on top"
            : worked.Poured.Surface < worked.Poured.Occupied ? "the ice"
            : "the drink";
        yield return new Finding(
            Name,
            Severity.Warning,
            size.Size,
            null,
            $"{size.Name}: the lid does not close; {what} reaches {Height(size.Fill.CrownHeight, limit)} mm and the lid leaves {Say.Short(limit.Value)} mm.",
            mends.Count > 0 ? mends[0] : null
        )
        {
            Otherwise = "Put less on top, or use another lid.",
            Excess = new("top", (size.Fill.CrownHeight - limit).Value),
            OtherMends = [.. mends.Skip(1)],
        };
    }

    // Never the same number twice for what is more and what is less.
    private static string Height(Millimetres reached, Millimetres limit) =>
        Say.Short(reached.Value) == Say.Short(limit.Value)
            ? Say.Short(Math.Ceiling(reached.Value * 10) / 10)
            : Say.Short(reached.Value);
}
