using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks;

/// <summary>A check that looks at every line of a size by itself, as far as anything of it is poured.</summary>
/// <param name="onlyReference">Whether what it looks at is the same in every size, so that it is told once, of the
/// reference size.</param>
internal abstract class LineCheck(bool onlyReference) : ICheck
{
    /// <inheritdoc/>
    public abstract string Name { get; }

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (onlyReference && !size.IsReference)
        {
            return [];
        }

        // Nearly every check of nearly every line finds nothing, and then costs nothing.
        List<Finding>? found = null;
        foreach (var line in setting.PouredOf(size, worked))
        {
            if (Judge(line) is { } finding)
            {
                (found ??= []).Add(finding);
            }
        }

        return found ?? (IEnumerable<Finding>)[];
    }

    /// <summary>What it finds of a line; null when nothing.</summary>
    protected abstract Finding? Judge(LineSetting at);

    /// <summary>A finding of a line.</summary>
    /// <param name="at">Where.</param>
    /// <param name="severity">How grave it is.</param>
    /// <param name="message">What is wrong; the size is named before it.</param>
    /// <param name="mend">What would put it right.</param>
    protected Finding Found(LineSetting at, Severity severity, string message, Mend? mend = null) =>
        new(Name, severity, at.Size.Size, at.Line.Line.Id, $"{at.Size.Name}: {message}", mend);
}
