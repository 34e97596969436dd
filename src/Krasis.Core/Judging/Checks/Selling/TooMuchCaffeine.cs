using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Selling;

/// <summary>A cup holds more caffeine than the house sells in one.</summary>
internal sealed class TooMuchCaffeine : ICheck
{
    /// <inheritdoc/>
    public string Name => "caffeine";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        var most = setting.Bar.House.Serving.MostCaffeine;
        var facts = size.Inside.Nutrition;
        var (usual, to) = (facts.CaffeineKnown.Value, facts.CaffeineKnownTo.Value);
        if (to <= most)
        {
            yield break;
        }

        // The house's limit is for what a cup usually has; how much a coffee holds is only known within a range.
        var isOver = usual > most;
        var about = $"about {Say.Whole(usual)} mg of caffeine";
        var (least, greatest) = (Say.Whole(facts.LeastCaffeineKnown().Value), Say.Whole(to));
        var range = least == greatest ? "" : $" ({least} to {greatest})";
        var limit = $"the house limit is {Say.Whole(most)} mg a cup";
        yield return new Finding(
            Name,
            isOver ? Severity.Fault : Severity.Warning,
            size.Size,
            null,
            isOver
                ? $"{size.Name} has {about}{range}; {limit}."
                : $"{size.Name} has {about}, but may have {Say.Whole(to)}; {limit}.",
            null
        )
        {
            Otherwise = "Use fewer shots, or some decaf.",
            Excess = new("caffeine", to - most),
        };
    }
}
