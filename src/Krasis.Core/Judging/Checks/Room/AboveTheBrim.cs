using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Room;

/// <summary>What stands on the drink, or its ice, reaches above the brim of a cup without a lid.</summary>
internal sealed class AboveTheBrim : ICheck
{
    // What nobody sees, mm.
    private const double Hair = 0.5;

    /// <inheritdoc/>
    public string Name => "above-the-brim";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked) =>
        size.Fill is { LidIsClear: null, Spilt.Value: <= 0, SticksOut.Value: > Hair }
            ?
            [
                new Finding(
                    Name,
                    Severity.Note,
                    size.Size,
                    null,
                    $"{size.Name} stands {Say.Short(size.Fill.SticksOut.Value)} mm above the brim, and the cup has no lid. Carry it with care.",
                    null
                ),
            ]
            : [];
}
