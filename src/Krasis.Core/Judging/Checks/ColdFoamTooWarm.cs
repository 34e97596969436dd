using Krasis.Core.Builds;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>Milk is foamed cold from warmer than it foams well.</summary>
internal sealed class ColdFoamTooWarm : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "cold-foam-too-warm";

    // Milk for cold foaming at 0 to 3 °C (common practice, no source).
    private const double Usual = 3;

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (!size.IsReference)
        {
            yield break;
        }

        for (var i = 0; i < worked.Lines.Count; i++)
        {
            var line = worked.Lines[i];
            var limit = line.Ingredient.FoamsColdBelow ?? Celsius.From(Usual);
            if (worked.Amounts[i] > 0 && line.Line.Technique == Technique.Foam && line.Foam is { IsCold: true } foam && foam.From.Value > limit.Value)
            {
                var better = setting.Bar.Foams.Where(other => other.IsCold && other.From.Value <= limit.Value).MinBy(other => Math.Abs(other.Overrun - foam.Overrun));
                yield return new Finding(
                    Name,
                    Severity.Warning,
                    size.Size,
                    line.Line.Id,
                    $"{size.Name}: {line.Ingredient.Name} is foamed cold from {Say.Degrees(foam.From)}; it foams well at {Say.Degrees(limit)} and below.",
                    better is null ? null : Mend.Lines($"Foam it to {better.Name}", new LineChange(line.Line.Id, LineField.Foam, better.Id.Value)));
            }
        }
    }
}
