using Krasis.Core.Planning.Plans;
using Krasis.Core.Planning.Preparing;

namespace Krasis.Core.Planning.Buying;

/// <summary>What has to be bought for a plan.</summary>
public static class OrderList
{
    /// <summary>The list: what has to be ordered first, and what needs nothing last.</summary>
    /// <param name="input">What the plan goes by.</param>
    /// <param name="plan">The plan.</param>
    /// <remarks>Packs = (what is short, added up day by day + what should be left on the shelf − what is left) ÷ what the
    /// cups get out of a pack, rounded up. Stock past its use-by day does not count.</remarks>
    public static IReadOnlyList<OrderRow> Of(PlanInput input, PrepPlan plan) =>
        [
            .. plan
                .Needs.Where(need => !need.IsMade && !IsFromTheTap(input, need))
                .Select(need => Row(input, need))
                .OrderBy(row => row.Packs == 0 ? 1 : 0)
                .ThenBy(row => row.OrderBy ?? DateOnly.MaxValue)
                .ThenBy(row => row.Name, StringComparer.Ordinal),
        ];

    private static bool IsFromTheTap(PlanInput input, ItemNeed need) =>
        input.Catalogue.GetValueOrDefault(need.Item) is { Pack: null, Price: 0 };

    private static OrderRow Row(PlanInput input, ItemNeed need)
    {
        var item = input.Catalogue.GetValueOrDefault(need.Item);
        var rule = input.Prep.Buying.GetValueOrDefault(need.Item) ?? new BuyingRule(0, 1, null);
        var par = rule.Par * (item?.Pack ?? 0);
        var (lacks, left, runsOut) = Follow(input, need);
        var lacking = lacks + par - left;
        var packs = item?.Pack is { } pack and > 0
            ? (int)Math.Max(0, Math.Ceiling((lacking / pack) - 1e-9))
            : default(int?);
        var orderBy = runsOut?.AddDays(-rule.LeadDays);
        return new OrderRow(
            need.Item,
            need.Name,
            need.Lasting,
            need.InStock,
            par,
            item?.Pack,
            item?.PackSays,
            packs,
            packs * item?.PackPrice,
            runsOut,
            orderBy,
            orderBy < input.Clock.First
        );
    }

    // What the stock lacks over the days, what is left of it after them, and the first day on which it does not last.
    private static (double Lacks, double Left, DateOnly? RunsOut) Follow(PlanInput input, ItemNeed need)
    {
        var pantry = new Pantry();
        foreach (var lot in input.Stock.Where(lot => lot.Item == need.Item))
        {
            pantry.Add(lot.Left, 0, lot.UseBy is { } day ? input.Clock.IndexOf(day) : input.Clock.Days);
        }

        double lacks = 0,
            before = 0;
        DateOnly? runsOut = null;
        for (var day = 0; day < input.Clock.Days; day++)
        {
            var lasting = Math.Max(before, need.LastingTo[day]);
            var lacking = pantry.Use(day, lasting - before);
            before = lasting;
            lacks += lacking;
            runsOut ??= lacking > 1e-6 ? input.Clock.DayAt(day) : null;
        }

        return (lacks, pantry.GramsOn(input.Clock.Days - 1), runsOut);
    }
}
