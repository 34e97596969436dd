using System.Globalization;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Ordering;

/// <summary>Tells the times of an order as a plan.</summary>
internal static class OrderTelling
{
    /// <summary>Tells them.</summary>
    /// <param name="times">The times.</param>
    /// <param name="help">What would help, where something stands too long.</param>
    public static OrderPlan Of(OrderTimes times, string? help)
    {
        var work = times.Work;
        var tasks = Enumerable
            .Range(0, work.Steps.Count)
            .Where(step => work.Steps[step].Seconds > 0)
            .Select(step => Task(times, step))
            .Concat(times.Standings().Where(each => each.To > each.From + 1e-6).Select(each => Standing(work, each)))
            .OrderBy(task => task.From)
            .ThenBy(task => task.Place)
            .ToList();
        var busy = work.Steps.Sum(step => step.Hands);
        return new OrderPlan(
            [
                .. Drinks(work)
                    .OrderBy(drink => times.From(work.Finish[drink]))
                    .ThenBy(drink => times.From(work.Begin[drink])),
            ],
            [
                .. Enumerable
                    .Range(0, work.Pulls.Count)
                    .OrderBy(pull => times.From(work.Pull[pull]))
                    .Select(pull => work.Pulls[pull]),
            ],
            [
                .. Enumerable
                    .Range(0, work.Milks.Count)
                    .OrderBy(milk => times.From(work.Steam[milk]))
                    .Select(milk => Pitcher(times, milk)),
            ],
            tasks,
            times.Seconds,
            (times.Seconds * work.Places.Baristas) - busy,
            [.. Drinks(work).Select(drink => times.Seconds - times.Ready(drink))],
            [.. tasks.Where(task => task.IsTooLong).Select(Warning)],
            help,
            times.Beyond,
            work.Places
        );
    }

    private static IEnumerable<int> Drinks(OrderWork work) => Enumerable.Range(0, work.Drinks.Count);

    private static SharedPitcher Pitcher(OrderTimes times, int milk) =>
        times.Work.Milks[milk] with
        {
            Pitcher = times.PitcherOf(milk) is >= 0 and var at ? times.Work.Pitchers[at].Name : null,
        };

    private static OrderTask Task(OrderTimes times, int step)
    {
        var work = times.Work;
        var (kind, of) = (work.Steps[step].Kind, work.Steps[step].Of);
        var (drink, what) = kind switch
        {
            OrderStepKind.Begin => (of, "start the cup"),
            OrderStepKind.Dose => (Only(work.Pulls[of].Drinks), $"dose and tamp {work.Pulls[of].Recipe}"),
            OrderStepKind.Pull => (Only(work.Pulls[of].Drinks), $"{work.Pulls[of].Recipe} runs"),
            OrderStepKind.Steam => (
                Only(work.Milks[of].Drinks),
                $"steam {work.Milks[of].Milk}, {Say.Ml(work.Milks[of].Cold)}"
            ),
            OrderStepKind.Pour => ((int?)of, $"pour {work.Milks.First(milk => milk.Drinks.Contains(of)).Milk}"),
            _ => (of, "finish the drink"),
        };
        var isPull = kind == OrderStepKind.Pull;
        return new OrderTask(
            isPull ? OrderPlace.Machine : OrderPlace.Hands,
            isPull ? times.At(step) : times.Who(step),
            drink,
            what,
            times.From(step),
            times.To(step)
        )
        {
            Wand = kind == OrderStepKind.Steam ? times.At(step) : null,
        };
    }

    private static OrderTask Standing(OrderWork work, Stood each)
    {
        var (drink, what) = each.Kind switch
        {
            OrderStepKind.Pull => (each.Of, $"espresso for {work.Drinks[each.Of].Name}"),
            OrderStepKind.Steam => (
                Only(work.Milks[each.Of].Drinks),
                $"{work.Milks[each.Of].Milk} for {string.Join(" and ", work.Milks[each.Of].Drinks.Select(drink => work.Drinks[drink].Name))}"
            ),
            _ => ((int?)each.Of, work.Drinks[each.Of].Name),
        };
        return new OrderTask(OrderPlace.Stands, 0, drink, what, each.From, each.To)
        {
            IsTooLong = each.To - each.From > each.Limit + 1e-6,
            Limit = each.Limit,
        };
    }

    private static int? Only(IReadOnlyList<int> drinks) => drinks is [var only] ? only : null;

    private static string Warning(OrderTask task) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{char.ToUpperInvariant(task.What[0])}{task.What[1..]} waits {task.To - task.From:0} s. It should wait no longer than {task.Limit:0} s."
        );
}
