using Krasis.Core.Bar.Cups;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Room;

/// <summary>A cup does not hold what its label says.</summary>
internal sealed class LabelIsNotTheCapacity : ICheck
{
    /// <inheritdoc/>
    public string Name => "label-capacity";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        var cup = worked.Size.Cup;
        if (cup.Label is { } label && Math.Abs((cup.BrimCapacity / label) - 1) > CupMeasured.LabelTolerance + 1e-9)
        {
            yield return new Finding(
                Name,
                Severity.Note,
                size.Size,
                null,
                $"{size.Name} holds {Say.Ml(cup.BrimCapacity)} as weighed, not the {Say.Ml(label)} of its label. The sheet goes by the weighing.",
                null
            );
        }
    }
}
