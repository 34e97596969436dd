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
        var (from, to) = (facts.LeastCaffeineKnown().Value, facts.CaffeineKnownTo.Value);
        if (to <= most)
        {
            yield break;
        }

        var isSure = from > most;
        var range = Math.Round(from) == Math.Round(to) ? Say.Whole(from) : $"{Say.Whole(from)} to {Say.Whole(to)}";
        yield return new Finding(
            Name,
            isSure ? Severity.Fault : Severity.Warning,
            size.Size,
            null,
            $"{size.Name} {(isSure ? "has" : "may have")} {range} mg of caffeine; the house limit is {Say.Whole(most)} mg a cup.",
            null
        )
        {
            Otherwise = "Use fewer shots, or some decaf.",
        };
    }
}
