using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Amounts;

/// <summary>A line of which nothing goes into the reference size: an amount was forgotten, or a line.</summary>
internal sealed class NothingOfIt : ICheck
{
    /// <inheritdoc/>
    public string Name => "nothing-of-it";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked) =>
        !size.IsReference
            ? []
            : worked
                .Lines.Where(line => !line.IsPoured && line.Mark is null)
                .Select(line => new Finding(
                    Name,
                    Severity.Warning,
                    size.Size,
                    line.Line.Id,
                    $"{size.Name}: no {line.Ingredient.Name} goes in. Say how much, or take the line out.",
                    Mend.Lines($"Take out {line.Ingredient.Name}", new LineChange(line.Line.Id, LineField.Remove, null))
                ));
}
