using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Room;

/// <summary>A size goes by a cup that nobody has measured.</summary>
internal sealed class CupNotMeasured : ICheck
{
    /// <inheritdoc/>
    public string Name => "cup-not-measured";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        var cup = worked.Size.Cup;
        if (!cup.IsWeighed || !cup.IsShapeKnown)
        {
            yield return new Finding(
                Name,
                Severity.Note,
                size.Size,
                null,
                (cup.IsWeighed, cup.IsShapeKnown) switch
                {
                    (true, _) => $"{cup.Name}'s lengths are not measured: its fill line in mm is a guess.",
                    (_, true) => $"{cup.Name} has not been weighed: its room goes by its lengths.",
                    _ =>
                        $"{cup.Name} has not been measured: its room goes by its label, and its fill line in mm is a guess.",
                },
                null
            );
        }
    }
}
