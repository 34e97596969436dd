using System.Globalization;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>Something that goes in is past the last day on which it may be used.</summary>
internal sealed class PastItsUseBy : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "past-use-by";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (!size.IsReference || setting.Today is not { } today)
        {
            yield break;
        }

        for (var i = 0; i < worked.Lines.Count; i++)
        {
            var line = worked.Lines[i];
            if (worked.Amounts[i] > 0 && line.Ingredient.UseBy is { } day && today > day)
            {
                yield return new Finding(
                    Name,
                    Severity.Fault,
                    size.Size,
                    line.Line.Id,
                    $"{size.Name}: {line.Ingredient.Name} was to be used by {day.ToString("d MMMM yyyy", CultureInfo.InvariantCulture)}. Discard it and {(line.Ingredient.IsPart ? "make" : "open")} a new one.",
                    null);
            }
        }
    }
}
