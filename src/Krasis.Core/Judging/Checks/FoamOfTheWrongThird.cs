using Krasis.Core.Bar.Milk;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Judging.Checks;

/// <summary>A foam level is meant to be one third of the house's foam and is nearer to another.</summary>
internal sealed class FoamOfTheWrongThird : ICheck
{
    /// <summary>The check's name in findings.</summary>
    public const string Name = "foam-third";

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
            if (worked.Amounts[i] <= 0 || line.Foam is not { Thirds: { } meant } foam)
            {
                continue;
            }

            // Three thirds is the most that the house foams, hot or cold each by itself.
            var most = setting.Bar.Foams.Where(level => level.IsCold == foam.IsCold).Max(level => level.Overrun);
            var thirds = Thirds(foam, most);
            if (thirds != meant && most > 0)
            {
                var better = setting.Bar.Foams.FirstOrDefault(level => level.IsCold == foam.IsCold && level.Thirds == meant && Thirds(level, most) == meant);
                yield return new Finding(
                    Name,
                    Severity.Warning,
                    size.Size,
                    line.Line.Id,
                    $"{size.Name}: {foam.Name} is to be {Words(meant)} of foam, but grows by {Say.Short(foam.Overrun * 100)} %, which is {Words(thirds)} of the house's {Say.Short(most * 100)} %.",
                    better is null ? null : Mend.Lines($"Foam it to {better.Name}", new LineChange(line.Line.Id, LineField.Foam, better.Id.Value)));
            }
        }
    }

    private static int Thirds(FoamLevel level, double most) => (int)Math.Clamp(Math.Round(level.Overrun / most * 3, MidpointRounding.AwayFromZero), 1, 3);

    private static string Words(int thirds) => thirds switch { 1 => "one third", 2 => "two thirds", _ => "three thirds" };
}
