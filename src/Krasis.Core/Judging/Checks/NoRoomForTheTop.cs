using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>What stands on the drink, or its ice, keeps the lid from closing.</summary>
internal sealed class NoRoomForTheTop : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "no-room-for-top";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (size.LidIsClear != false)
        {
            yield break;
        }

        var cup = worked.Size.Cup;
        var clearance = cup.LidClearance!.Value;
        var limit = cup.Shape.Height + clearance;
        var mend = HoldBack.For(worked, content => Mixer.CrownOf(cup, content) <= limit + Millimetres.From(1e-9));
        var what = worked.Poured.OnTop > 0 ? "what stands on top" : worked.Poured.Surface < worked.Poured.Occupied ? "the ice" : "the drink";
        yield return new Finding(
            Name,
            Severity.Warning,
            size.Size,
            null,
            $"{size.Name}: the lid does not close; {what} reaches {Say.Short(size.CrownHeight.Value)} mm and the lid leaves {Say.Short(limit.Value)} mm. {(mend is null ? "Put less on top, or use another lid." : $"{mend.Label}.")}",
            mend);
    }
}
