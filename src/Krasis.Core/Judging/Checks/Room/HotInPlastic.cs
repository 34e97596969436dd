using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Room;

/// <summary>A hot drink goes into a plastic cup for cold drinks, which softens.</summary>
internal sealed class HotInPlastic : ICheck
{
    /// <summary>The hottest that a clear plastic cup takes, °C (common practice, no source; ask its maker).</summary>
    public const double Softens = 55;

    /// <inheritdoc/>
    public string Name => "hot-in-plastic";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (
            worked.Size.Cup.Material == CupMaterial.Plastic
            && setting.Build.Serve == Serve.Hot
            && size.Life.Moments[0].Temperature is var hot
            && hot.Value > Softens
        )
        {
            yield return new Finding(
                Name,
                Severity.Fault,
                size.Size,
                null,
                $"{size.Name} is a plastic cup, and the drink is {Say.Degrees(hot)}. Above {Softens} °C it softens: use a cup for hot drinks.",
                null
            );
        }
    }
}
