using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Tests.Checks;

/// <summary>What the tests of checks ask: whether one speaks, what it says, and whether its mend holds.</summary>
internal static class Findings
{
    public static BuildDocument Only(params LineDocument[] lines) => TestBar.Build(lines) with { Sizes = ["m"] };

    public static Finding Fires(
        BuildDocument build,
        string check,
        Severity severity,
        string size,
        string words,
        bool mended,
        BarFacts? bar = null,
        DateOnly? today = null
    )
    {
        var finding = FullBar.Mix(build, bar, today).Findings.First(finding => finding.Check == check);

        Assert.Equal((severity, size), (finding.Severity, finding.Size.Value));
        Assert.Contains(words, finding.Message, StringComparison.Ordinal);
        Assert.Contains((bar ?? FullBar.Facts).Find(finding.Size)!.Name, finding.Message, StringComparison.Ordinal);
        Assert.Equal(mended, finding.Mend is not null);
        if (finding.Mend is { } mend)
        {
            var after = FullBar.Mix(BuildEdits.Apply(build, mend, FullBar.Facts), bar, today).Findings;
            Assert.DoesNotContain(after, left =>
                left.Check == check && left.Size == finding.Size && left.Line == finding.Line
            );
        }

        return finding;
    }

    public static void Silent(BuildDocument build, string check, BarFacts? bar = null, DateOnly? today = null) =>
        Assert.DoesNotContain(FullBar.Mix(build, bar, today).Findings, finding => finding.Check == check);
}
