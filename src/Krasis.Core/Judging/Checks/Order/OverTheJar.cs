using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Order;

/// <summary>What goes into the blender is more than its jar takes.</summary>
internal sealed class OverTheJar : ICheck
{
    /// <inheritdoc/>
    public string Name => "over-the-jar";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (setting.Build.Serve != Serve.Blended || setting.Bar.House.Serving.Jar is not { } jar)
        {
            yield break;
        }

        // The liquid fills the gaps between the pieces of ice.
        var needed =
            worked.Poured.LiquidVolume
            + worked
                .Lines.Where(line => line.IsIce && line.IsPoured)
                .Sum(line => line.Mass * line.Facts.HeapPerGram * line.Ingredient.SolidFraction);
        if (needed > jar.Value + 1e-6)
        {
            yield return new Finding(
                Name,
                Severity.Warning,
                size.Size,
                null,
                $"{size.Name} needs {Say.Ml(Millilitres.From(needed))} in the blender, but the jar holds {Say.Ml(jar)}.",
                null
            )
            {
                Otherwise = "Blend it in two batches, or use a larger jar.",
                Excess = new("jar", needed - jar.Value),
            };
        }
    }
}
