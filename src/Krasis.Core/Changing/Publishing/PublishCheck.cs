using Krasis.Core.Judging.Findings;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Changing.Publishing;

/// <summary>What stands against publishing a build, and what is to be known before it is done.</summary>
/// <param name="Faults">What refuses it: nobody can pour it so.</param>
/// <param name="Warnings">What wants a reason.</param>
/// <param name="Unknown">What nobody knows of it, and whose gap that is.</param>
public sealed record PublishCheck(
    IReadOnlyList<Finding> Faults,
    IReadOnlyList<Finding> Warnings,
    IReadOnlyList<UnknownFact> Unknown
)
{
    /// <summary>Whether it can be published at all.</summary>
    public bool IsAllowed => Faults.Count == 0;

    /// <summary>Whether somebody has to say why it is published.</summary>
    public bool WantsReason => Warnings.Count > 0;

    /// <summary>What wants a reason, in a sentence; empty when nothing does.</summary>
    public string Says =>
        Warnings.Count switch
        {
            0 => "",
            1 => "A warning is open.",
            var count => $"{count} warnings are open.",
        };

    /// <summary>Looks at a sheet. What was let be with a reason counts no more.</summary>
    public static PublishCheck Of(BuildSheet sheet)
    {
        var open = sheet.Findings.Where(finding => finding.Waived is null).ToList();
        return new PublishCheck(
            open.FindAll(finding => finding.Severity == Severity.Fault),
            open.FindAll(finding => finding.Severity == Severity.Warning),
            [
                .. new UnknownFact[]
                {
                    new("how strong or how sweet it is", Names(size => size.Taste.Poured.Unknown)),
                    new("its allergens", Names(size => size.Inside.Allergens.Unknown)),
                    new("its energy", Names(size => size.Inside.Nutrition.Gaps.Energy)),
                    new("its sugars", Names(size => size.Inside.Nutrition.Gaps.Sugars)),
                    new("its caffeine", Names(size => size.Inside.Nutrition.Gaps.Caffeine)),
                    new("what it costs", Names(size => size.Cost.Unknown)),
                }.Where(fact => fact.For.Count > 0),
            ]
        );

        IReadOnlyList<string> Names(Func<SizeSheet, IReadOnlyList<string>> of) =>
            [.. sheet.Sizes.SelectMany(of).Distinct()];
    }
}
