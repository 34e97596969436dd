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
            // What is heavier goes below: poured before what it would sink through.
            var upper = worked.Lines.First(line => line.Line.Id == boundary.Upper).Ingredient.Name;
            var lower = worked.Lines.First(line => line.Line.Id == boundary.Lower);
            var mend =
                boundary.DensityStep >= Boundary.Margin
                    ? Mend.Lines("Pour it slowly", new LineChange(boundary.Upper, LineField.Technique, "float"))
                : boundary.DensityStep <= -Boundary.Margin
                    ? Mend.Lines(
                        $"Pour {upper} first, and {lower.Ingredient.Name} slowly on it",
                        new LineChange(boundary.Upper, LineField.Before, lower.Line.Id.Value),
                        new LineChange(boundary.Upper, LineField.Technique, null),
                        new LineChange(boundary.Lower, LineField.Technique, "float")
                    )
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
