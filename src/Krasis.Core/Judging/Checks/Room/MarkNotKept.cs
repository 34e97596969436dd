using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Working.Lines;

namespace Krasis.Core.Judging.Checks.Room;

/// <summary>A line that is to fill the cup to a mark does not: the cup has no such mark, it lies below what is in the
/// cup already, or nothing reaches it.</summary>
internal sealed class MarkNotKept : ICheck
{
    /// <inheritdoc/>
    public string Name => "mark";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(
        Setting setting,
        Working.SizeSheets.SizeSheet size,
        Working.Mixing.WorkedSize worked
    )
    {
        foreach (var line in worked.Lines.Where(line => line.Trouble != MarkTrouble.None))
        {
            var mark = line.Mark!;
            var (severity, why) = line.Trouble switch
            {
                MarkTrouble.Missing => (
                    Severity.Warning,
                    $"{worked.Size.Cup.Lacks(mark).Why} {line.Ingredient.Name} is to be filled {mark.Says} and gets {line.Line.Set.With(Math.Round(line.Amount, 2))} by the cup's size. Say another mark or an amount for {size.Name}."
                ),
                MarkTrouble.BelowTheLiquid => (
                    Severity.Warning,
                    $"what goes in before stands above the mark already, so that no {line.Ingredient.Name} goes in ({mark.Says})."
                ),
                _ => (Severity.Fault, $"no amount of {line.Ingredient.Name} fills it {mark.Says}."),
            };
            yield return new Finding(Name, severity, size.Size, line.Line.Id, $"{size.Name}: {why}", null);
        }
    }
}
