using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Tools;

/// <summary>Part of a pull is left over. One finding names all the sizes.</summary>
internal sealed class OddHalfPull : ICheck
{
    // A gram or two is what a basket gives more or less.
    private const double Least = 3;

    /// <inheritdoc/>
    public string Name => "part-of-a-pull";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        foreach (var line in worked.Lines.Where(line => line.PouredAway >= Least))
        {
            var sizes = setting.Worked.Where(each => each.Lines[line.Index].PouredAway >= Least).ToList();
            if (sizes[0] == worked)
            {
                yield return new Finding(
                    Name,
                    Severity.Note,
                    size.Size,
                    line.Line.Id,
                    $"Part of a pull of {line.Ingredient.Name} is left over in {Say.List([.. sizes.Select(each => each.Size.Cup.Name)])}, unless another drink uses it.",
                    null
                );
            }
        }
    }
}
