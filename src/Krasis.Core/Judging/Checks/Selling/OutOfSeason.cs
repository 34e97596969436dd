using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Selling;

/// <summary>A seasonal drink is still, or already, on the board.</summary>
internal sealed class OutOfSeason : ICheck
{
    /// <inheritdoc/>
    public string Name => "out-of-season";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (
            size.IsReference
            && setting.Today is { } today
            && setting.Build.Season is { } season
            && !season.Holds(today)
        )
        {
            yield return new Finding(
                Name,
                Severity.Warning,
                size.Size,
                null,
                $"{size.Name} and every other size are out of season: this drink is sold from {season.From} to {season.To}. Take it off the board.",
                null
            );
        }
    }
}
