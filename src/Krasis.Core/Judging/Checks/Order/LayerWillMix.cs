using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Working.Drawing;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Order;

/// <summary>A drink that is served layered has a layer that will not hold.</summary>
internal sealed class LayerWillMix : ICheck
{
    /// <inheritdoc/>
    public string Name => "layer-will-mix";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (setting.Build.Serve != Serve.Layered || !size.IsReference)
        {
            yield break;
        }

        foreach (var boundary in size.Drawing.Boundaries.Where(boundary => !boundary.Holds))
        {
            var mend =
                boundary.DensityStep >= Boundary.Margin
                    ? Mend.Lines("Pour it slowly", new LineChange(boundary.Upper, LineField.Technique, "float"))
                    : null;
            yield return new Finding(
                Name,
                Severity.Warning,
                size.Size,
                boundary.Upper,
                $"{size.Name}: a layer will not hold. {boundary.Why}",
                mend
            );
        }
    }
}
