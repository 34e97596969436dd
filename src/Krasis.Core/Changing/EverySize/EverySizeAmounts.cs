using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Changing.EverySize;

/// <summary>Sets some lines in every size. All other lines keep the amounts that are poured now.</summary>
internal static class EverySizeAmounts
{
    // Each pass pins what the pass before has moved. No chain of shares is this long.
    private const int MostPasses = 6;

    /// <summary>The build with these amounts. The reference size is set; another size is pinned only if following the
    /// reference would give a different amount. Lines that follow a changed line, such as a share of it, are pinned
    /// too.</summary>
    /// <param name="document">The build.</param>
    /// <param name="before">The same, worked out.</param>
    /// <param name="amounts">How much of a line each size gets, in the line's measure.</param>
    /// <param name="bar">The bar.</param>
    public static BuildDocument Put(
        BuildDocument document,
        BuildSheet before,
        IReadOnlyDictionary<LineId, Dictionary<CupId, double>> amounts,
        BarFacts bar
    )
    {
        var reference = before.Sizes.Single(size => size.IsReference);
        var build = reference.Lines.Aggregate(document, (with, cell) => PutOne(with, reference, cell));

        // A pin can move earlier and later lines that follow it, so look at every cell until all are right.
        for (var pass = 0; pass < MostPasses && Wrong(build) is { Count: > 0 } wrong; pass++)
        {
            build = wrong.Aggregate(build, (with, at) => BuildEdits.Apply(with, Edit(at.Size, at.Cell)));
        }

        return build;

        List<(SizeSheet Size, SheetLine Cell)> Wrong(BuildDocument with) =>
            BuildReader.Read(with, bar, nameless: true) is { IsRead: true } read
            && Mixer.Mix(read.Value, bar) is var sheet
                ?
                [
                    .. before
                        .Sizes.Where(size => !size.IsReference)
                        .SelectMany(size => size.Lines.Where(cell => cell.Mark is null).Select(cell => (size, cell)))
                        .Where(at =>
                            Math.Abs(Poured(sheet, at.size.Size, at.cell.Line) - Wanted(at.size, at.cell)) > 1e-9
                        ),
                ]
                : [];

        BuildDocument PutOne(BuildDocument with, SizeSheet size, SheetLine cell) =>
            cell.Mark is null && Math.Abs(cell.Amount - Wanted(size, cell)) > 1e-9
                ? BuildEdits.Apply(with, Edit(size, cell))
                : with;

        CellEdit Edit(SizeSheet size, SheetLine cell) =>
            new(cell.Line, size.Size, Math.Round(Wanted(size, cell), 9)) { Stated = "" };

        double Wanted(SizeSheet size, SheetLine cell) =>
            amounts.TryGetValue(cell.Line, out var sizes) && sizes.TryGetValue(size.Size, out var amount)
                ? amount
                : cell.Amount;
    }

    private static double Poured(BuildSheet sheet, CupId size, LineId line) =>
        sheet.Sizes.First(each => each.Size == size).Lines.First(cell => cell.Line == line).Amount;
}
