using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Taste;

/// <summary>A size looks different from the reference size when it is handed over: people judge a drink by its
/// colour.</summary>
internal sealed class ColourDrift : ICheck
{
    /// <inheritdoc/>
    public string Name => "colour-drift";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        // Where it tastes different, that is said, and the colour comes of it.
        if (size.Taste.Drift is not { IsColourFar: true, IsStrengthFar: false, Colour: { } off })
        {
            yield break;
        }

        yield return new Finding(
            Name,
            Severity.Note,
            size.Size,
            null,
            $"{size.Name} does not look like the reference size: its colour is {Say.Short(off)} ΔE off, and the house allows {Say.Short(setting.Bar.House.AllowedColourDrift)}.",
            null
        )
        {
            Excess = new("colour", off - setting.Bar.House.AllowedColourDrift),
        };
    }
}
