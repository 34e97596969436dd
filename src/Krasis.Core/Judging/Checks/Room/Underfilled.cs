using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Judging.Standings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Room;

/// <summary>Less goes into a size than the house wants in a cup, and less than in the reference size: a macchiato may be
/// small, if it is so in every size.</summary>
internal sealed class Underfilled : ICheck
{
    // No finding for what nobody sees.
    private const double Hair = 0.001;

    /// <inheritdoc/>
    public string Name => "underfilled";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        var share = ShareOf(worked);
        var least = Least(setting, worked);
        if (share >= least - Hair || worked.Lines.Count == 0)
        {
            yield break;
        }

        var house = setting.Bar.House.Serving.LeastFill;
        var isByHouse = least * 100 >= house.Value - 1e-9;
        var wanted = isByHouse
            ? $"the house wants at least {Say.Short(house.Value)} %"
            : $"{setting.Sheet.Sizes.First(each => each.IsReference).Name} is {Say.Whole(ShareOf(setting.Reference) * 100)} % full";
        var mends = AmountIncrease.For(worked);
        yield return new Finding(
            Name,
            size.IsReference ? Severity.Note : Severity.Warning,
            size.Size,
            null,
            $"{size.Name} is only {Say.Whole(Math.Floor(share * 100))} % full; {wanted}. There is room for {Say.Ml(size.Fill.RoomLeft)} more.",
            mends.Count > 0 ? mends[0] : null
        )
        {
            Otherwise = "Pour more, or use a smaller cup.",
            CanAdvise = true,
            Excess = new(Excess.Underfilled, (least - share) * 100),
            OtherMends = [.. mends.Skip(1)],
        };
    }

    private static double Least(Setting setting, WorkedSize worked) =>
        FullCup.Least(
            setting.Bar.House,
            worked.Size.Cup.Id == setting.Build.ReferenceSize ? null : ShareOf(setting.Reference)
        );

    private static double ShareOf(WorkedSize worked) => worked.Poured.Occupied / worked.Size.WorkingVolume.Value;
}
