using Krasis.Core.Judging.Checks;
using Krasis.Core.Judging.Checks.Amounts;
using Krasis.Core.Judging.Checks.Milk;
using Krasis.Core.Judging.Checks.Order;
using Krasis.Core.Judging.Checks.Room;
using Krasis.Core.Judging.Checks.Selling;
using Krasis.Core.Judging.Checks.Taste;
using Krasis.Core.Judging.Checks.Tools;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;

namespace Krasis.Core.Judging;

/// <summary>Every check there is. A new one is a class of its own and a line here.</summary>
internal static class AllChecks
{
    /// <summary>The checks.</summary>
    public static IReadOnlyList<ICheck> All { get; } =
    [
        new Overfull(),
        new Underfilled(),
        new NotPourable(),
        new RoundedAway(),
        new NothingOfIt(),
        new SameShotInABiggerCup(),
        new TasteDrift(),
        new FlavoursOutOfBalance(),
        new NoRoomForTheTop(),
        new AboveTheBrim(),
        new UnderTheTopping(),
        new LayerWillMix(),
        new SauceOnTheBottom(),
        new PowderInTheCold(),
        new LumpyPowder(),
        new HotOnTheIce(),
        new NotColdEnough(),
        new BlendedIce(),
        new OverTheJar(),
        new SparklingWorked(),
        new MayCurdle(),
        new OuncesForTablespoons(),
        new StatedPairContradicts(),
        new DosedLikeAnother(),
        new SweetenedMilkAndFullStrokes(),
        new TooMuchOfAPotentFlavour(),
        new MilkTemperature(),
        new LukewarmHot(),
        new ColdFoamTooWarm(),
        new FoamOfTheWrongThird(),
        new FoamWillNotStand(),
        new OutsideThePitcher(),
        new MilkToCoffee(),
        new BottleOvershoots(),
        new StrokeOffItsNominal(),
        new WeighedLongAgo(),
        new ShotOutsideTheWindow(),
        new RoastNotRested(),
        new OddHalfPull(),
        new LabelIsNotTheCapacity(),
        new MarkNotKept(),
        new ColourDrift(),
        new ClaimNotMet(),
        new OutOfSeason(),
        new PastItsUseBy(),
        new AllergenByOneLine(),
        new TorchOverPaper(),
        new HotInPlastic(),
        new TooMuchCaffeine(),
        new CostsTooMuch(),
        new CupNotMeasured(),
        new UnlikeTheHouse(),
    ];

    /// <summary>Puts a sheet before every check.</summary>
    /// <returns>The findings, the gravest first; among equals those of the reference size, because mending it often
    /// mends the others; then by size and check; those that the lead lets be at the end.</returns>
    public static IReadOnlyList<Finding> Judge(Setting setting)
    {
        var findings = new List<Finding>();
        for (var i = 0; i < setting.Sheet.Sizes.Count; i++)
        {
            foreach (var check in All)
            {
                // Most find nothing, and that costs nothing more.
                if (
                    check.Judge(setting, setting.Sheet.Sizes[i], setting.Worked[i])
                    is var found
                        and not Finding[] { Length: 0 }
                )
                {
                    findings.AddRange(found);
                }
            }
        }

        return
        [
            .. findings
                .Select(finding =>
                    WaiverOf(finding, setting) is { } waived ? finding with { Waived = waived } : finding
                )
                .OrderBy(finding => finding.Waived is not null)
                .ThenBy(finding => finding.Severity)
                .ThenByDescending(finding => finding.Size == setting.Build.ReferenceSize),
        ];
    }

    private static string? WaiverOf(Finding finding, Setting setting) =>
        setting
            .Build.Waivers.FirstOrDefault(waiver =>
                waiver.Check == finding.Check && waiver.Size == finding.Size && waiver.Line == finding.Line
            )
            ?.Reason;
}
