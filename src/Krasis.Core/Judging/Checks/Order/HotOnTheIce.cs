using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Order;

/// <summary>Hot coffee goes straight on the ice and the drink turns watery: once it has come to 0 °C it is much weaker
/// than the same drink on coffee that was cooled without ice.</summary>
/// <remarks>Like is compared with like, and that is the mend: cooled in a chilled jug. Cooled over ice the water goes
/// in all the same. Layered drinks are left alone, which pour it last and slowly; blended ones are meant to hold their
/// ice; and of a shaken one hot shots on ice are the drink.</remarks>
internal sealed class HotOnTheIce : ICheck
{
    // Percent. An iced latte on a double straight from the machine is 6 to 7 % weaker for it, a short or a shaken drink
    // 9 and more (worked with the sums here); less is told apart by few (no source).
    private const double Watery = 6;

    /// <inheritdoc/>
    public string Name => "hot-on-the-ice";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (worked.Poured.IceMass <= 0 || setting.Build.Serve is Serve.Blended or Serve.Layered or Serve.Shaken)
        {
            yield break;
        }

        var hot = worked
            .Lines.Where(line =>
                line.Ingredient.IsCoffee && line.IsPoured && line.IsInside && line.Temperature >= PourOrder.Warm
            )
            .ToList();
        if (hot.Count == 0)
        {
            yield break;
        }

        var (melts, strength) = InTheEnd(worked);
        var (left, better) = InTheEnd(Cooled(setting, worked, hot));
        var stronger = ((better / strength) - 1) * 100;
        if (!(stronger > Watery))
        {
            yield break;
        }

        yield return new Finding(
            Name,
            Severity.Warning,
            size.Size,
            hot[0].Line.Id,
            $"{size.Name} is watery: {hot[0].Ingredient.Name} goes on the ice at {Say.Short(hot[0].Temperature)} °C, and {Say.Short(melts)} g of ice melt before the drink is cold. Cooled in a chilled jug first, {Say.Short(left)} g melt, and it is {Say.Short(stronger)} % stronger.",
            Mend.Lines(
                "Cool it in a chilled jug",
                [
                    .. hot.SelectMany(line =>
                        new[]
                        {
                            new LineChange(line.Line.Id, LineField.Technique, Techniques.Of(Technique.Cool)),
                            new LineChange(line.Line.Id, LineField.Cooling, Input.Choice.Word(CoolingWay.ChilledJug)),
                        }
                    ),
                ]
            )
        );
    }

    private static (double Melt, double Strength) InTheEnd(WorkedSize worked)
    {
        var melt = worked.Poured.IceMass - worked.Poured.Heat.Exchanged(1).IceMass;
        return (melt, worked.Poured.StrengthWith(melt));
    }

    // The same when the hot coffees are cooled without ice.
    private static WorkedSize Cooled(Setting setting, WorkedSize worked, List<WorkedLine> hot)
    {
        var ids = hot.ConvertAll(line => line.Line.Id);
        var build = setting.Build with
        {
            Lines =
            [
                .. setting.Build.Lines.Select(line =>
                    ids.Contains(line.Id)
                        ? line with
                        {
                            Technique = Technique.Cool,
                            Cooling = CoolingWay.ChilledJug,
                            CooledTo = null,
                        }
                        : line
                ),
            ],
        };
        return new WorkedSize(
            worked.Size,
            [
                .. worked.Lines.Select(line =>
                    ids.Contains(line.Line.Id)
                        ? line with
                        {
                            Facts = new LineFacts(build.Lines[line.Index], build, setting.Bar, setting.Scaling),
                        }
                        : line
                ),
            ]
        );
    }
}
