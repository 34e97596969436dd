using Krasis.Core.Changing.Stations;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Making.Rescuing;

/// <summary>Says what a rescued drink comes to.</summary>
internal static class RescueWords
{
    // Ice that is off by less than a tenth of it is the same ice (common practice, no source).
    private const double SameIce = 0.1;

    // What happens to the taste by then is told from so many percent on (no source).
    private const double LaterNoticeable = 3;

    /// <summary>What it comes to when it is handed over.</summary>
    public static string Effect(WorkedSize own, PourOption way)
    {
        var (strong, sweet) = DriftWords.Of(way.Strength, way.Sweetness);
        var planned = own.Poured.IceMass;
        var ice =
            Math.Abs(way.Ice - planned) > SameIce * planned && planned > 0
                ? $" and {Say.Whole(way.Ice)} g of ice instead of {Say.Whole(planned)} g"
                : "";
        return $"{strong} and {sweet}, with {Say.Whole(Math.Max(0, Math.Round(way.RoomLeft)))} ml of room left{ice}";
    }

    /// <summary>How far it is from the standard ten minutes after that, where that is another thing; nothing where it is
    /// not known.</summary>
    /// <param name="turned">The drink as it was to be.</param>
    /// <param name="rescued">The drink as it becomes.</param>
    /// <param name="own">The size.</param>
    /// <param name="way">How it is made, with its strength at hand-over.</param>
    public static string Later(TurnedBuild turned, TurnedBuild rescued, WorkedSize own, PourOption way)
    {
        var (was, will) = (TenMinutes(turned, own), TenMinutes(rescued, own));
        if (
            Drift.Of(was, will) is not { } later
            || Math.Abs(later.Value - (way.Strength?.Value ?? 0)) < LaterNoticeable
        )
        {
            return "";
        }

        return Math.Abs(later.Value) < LaterNoticeable
            ? " After 10 minutes it is as strong as the standard."
            : $" After 10 minutes it is {Say.Whole(Math.Abs(later.Value))} % {(later.Value > 0 ? "stronger" : "weaker")} than the standard.";
    }

    private static double? TenMinutes(TurnedBuild turned, WorkedSize own)
    {
        var worked = SizeWork.SettleAll(turned.Build, turned.Bar, turned.Scaling);
        var moments = SizeWork
            .Describe(turned.Build, turned.Bar, worked)
            .Single(size => size.Size == own.Size.Cup.Id)
            .Life.Moments;
        return moments.Count > 1 ? moments[1].Strength?.Value : null;
    }
}
