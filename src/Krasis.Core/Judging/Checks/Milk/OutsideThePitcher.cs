using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Milk;

/// <summary>A size's milk is less than the smallest pitcher can be steamed with, or more than the largest
/// holds.</summary>
internal sealed class OutsideThePitcher : ICheck
{
    /// <inheritdoc/>
    public string Name => "pitcher";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (
            size.Milk is not { } plan
            || worked.Lines.FirstOrDefault(line => line is { IsPoured: true, Line.Technique: Technique.Steam })
                is not { } milk
        )
        {
            yield break;
        }

        var message =
            plan.Pitchers > 1
                ? $"{milk.Ingredient.Name} takes {plan.Pitchers} pitchers: the largest, {plan.Pitcher}, does not hold it."
            : plan.Waste.Value >= 1
                ? $"{plan.Pitcher} needs more {milk.Ingredient.Name} than that: {Say.Ml(plan.Waste)} extra is steamed and thrown away."
            : null;
        if (message is not null)
        {
            yield return new Finding(Name, Severity.Note, size.Size, milk.Line.Id, $"{size.Name}: {message}", null);
        }
    }
}
