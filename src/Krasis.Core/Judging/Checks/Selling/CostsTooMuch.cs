using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Selling;

/// <summary>Sizes cost a larger share of their price than the house wants: one finding names them all.</summary>
internal sealed class CostsTooMuch : ICheck
{
    /// <inheritdoc/>
    public string Name => "cost-share";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        var most = setting.Bar.House.Serving.CostShare;
        if (IsTooMuch(size) && setting.Sheet.Sizes.First(IsTooMuch) == size)
        {
            var sizes = setting.Sheet.Sizes.Where(IsTooMuch).ToList();
            yield return new Finding(
                Name,
                Severity.Note,
                size.Size,
                null,
                $"{Say.List([.. sizes.Select(each => $"{each.Name} costs {Say.Short(each.Cost.ShareOfPrice!.Value.Value)} %")])} of its price; the house limit is {Say.Short(most.Value)} %.",
                null
            );
        }

        // A difference that is not seen when it is said is none.
        bool IsTooMuch(SizeSheet each) => each.Cost.ShareOfPrice is { } share && share.Value > most.Value + 0.05;
    }
}
