using Krasis.Core.Bar.Milk;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Judging.Checks.Milk;

/// <summary>A foam level is meant to be one third of the house's foam and is nearer to another.</summary>
internal sealed class FoamOfTheWrongThird() : LineCheck(onlyReference: true)
{
    /// <inheritdoc/>
    public override string Name => "foam-third";

    /// <inheritdoc/>
    protected override Finding? Judge(LineSetting at)
    {
        if (at.Line.Foam is not { Thirds: { } meant } foam || at.Line.Facts.FoamCap > 0)
        {
            return null;
        }

        // Three thirds is the most that the house foams, hot or cold each by itself.
        var most = at.Bar.Foams.Where(level => level.IsCold == foam.IsCold).Max(level => level.Overrun);
        var thirds = Thirds(foam, most);
        if (thirds == meant || most <= 0)
        {
            return null;
        }

        var better = at.Bar.Foams.FirstOrDefault(level =>
            level.IsCold == foam.IsCold && level.Thirds == meant && Thirds(level, most) == meant
        );
        return Found(
            at,
            Severity.Warning,
            $"{foam.Name} is to be {Words(meant)} of foam, but grows by {Say.Short(foam.Overrun * 100)} %, which is {Words(thirds)} of the house's {Say.Short(most * 100)} %.",
            better is null ? null : at.Change($"Foam it to {better.Name}", LineField.Foam, better.Id.Value)
        );
    }

    private static int Thirds(FoamLevel level, double most) =>
        (int)Math.Clamp(Math.Round(level.Overrun / most * 3, MidpointRounding.AwayFromZero), 1, 3);

    private static string Words(int thirds) =>
        thirds switch
        {
            1 => "one third",
            2 => "two thirds",
            _ => "three thirds",
        };
}
