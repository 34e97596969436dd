using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Judging.Standings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Taste;

/// <summary>One of the flavours of a size is ahead of another, beside the reference size.</summary>
internal sealed class FlavoursOutOfBalance : ICheck
{
    /// <inheritdoc/>
    public string Name => "flavour-balance";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        var reference = setting.Reference;
        if (
            size.IsReference
            || FlavourBalance.Off(reference, worked, worked.Amounts()) is var off
                && off <= FlavourBalance.Allowed + 1e-9
        )
        {
            yield break;
        }

        var flavours = worked
            .Lines.Where(line => FlavourBalance.IsFlavour(line) && reference.Lines[line.Index].Mass > 0)
            .ToList();
        yield return new Finding(
            Name,
            Severity.Note,
            size.Size,
            null,
            $"{size.Name} does not have the flavours of {reference.Size.Cup.Name}: {Say.List([.. flavours.Select(Amounts)])}.",
            null
        )
        {
            Excess = new("balance", off - FlavourBalance.Allowed),
        };

        string Amounts(Working.Lines.WorkedLine line) =>
            $"{line.Line.Set.With(line.Amount)} of {line.Ingredient.Name} to {line.Line.Set.With(reference.Lines[line.Index].Amount)}";
    }
}
