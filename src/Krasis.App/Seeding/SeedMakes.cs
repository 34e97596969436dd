using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Making;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Making.Rescuing;
using Krasis.Core.Quantities;
using Krasis.Store;
using Krasis.Store.Makes;

namespace Krasis.App.Seeding;

/// <summary>Three weeks of made-up makes at the demo café: one pump has drifted, one hand pours too much milk, and one
/// grinder has run away.</summary>
public static class SeedMakes
{
    private const int Days = 21;
    private const int PerDay = 16;

    // The hazelnut pump of the kiosk gives more and more from this day on, and ends as far off.
    private const int PumpDriftsFor = 18;
    private const double PumpEndsPercent = 9;

    // The pulls at the bar run faster in the last days.
    private const int GrindGoneFor = 4;
    private const double GrindSeconds = -3.4;

    private const string HeavyHand = "RB";
    private const double HeavyPercent = 6.5;

    private static readonly string[] Stations = ["bar", "kiosk"];

    private static readonly string[] People = ["IN", HeavyHand, "TO"];

    /// <summary>Fills the book.</summary>
    /// <param name="session">The file, with the demo's standards in it.</param>
    /// <param name="now">The moment before which all of it was.</param>
    public static void Fill(Session session, DateTimeOffset now)
    {
        // The same three weeks every time, whenever they are.
        var dice = new Random(20_611);
        var drinks = session
            .Standards.Newest()
            .Select(standard => (Standard: standard, Bar: BarReader.Read(standard.Bar).Value))
            .Select(each => (each.Standard, each.Bar, Build: BuildReader.Read(each.Standard.Document, each.Bar).Value))
            .OrderBy(each => each.Build.Name, StringComparer.Ordinal)
            .ToList();
        var plans = drinks
            .SelectMany(drink =>
                Stations.SelectMany(station =>
                    Planner.Plan(drink.Build, drink.Bar, station) is { IsRead: true } read
                        ? read.Value.Select(plan =>
                            (drink.Standard, drink.Bar, drink.Build, Station: station, Plan: plan)
                        )
                        : []
                )
            )
            .ToList();
        for (var day = Days; day > 0; day--)
        {
            for (var i = 0; i < PerDay; i++)
            {
                var (standard, bar, build, station, plan) = plans[dice.Next(plans.Count)];
                var started = now.AddDays(-day).AddMinutes((i * 25) + dice.Next(20));
                var who = People[dice.Next(People.Length)];
                var steps = plan
                    .Steps.Where(step => step.Target is not null)
                    .Select(step => Pour(step, station, who, day, dice))
                    .ToList();
                var taste = PouredTaste
                    .Of(
                        build,
                        bar,
                        station,
                        plan.Size,
                        [.. steps.Select(step => new PouredLine(step.Line, step.Grams))]
                    )
                    .Value;
                session.Makes.Add(
                    new StoredMake(
                        new Guid(
                            dice.Next(),
                            (short)dice.Next(short.MaxValue),
                            (short)i,
                            [0x80, (byte)day, 0, 0, 0, 0, 0, (byte)i]
                        ).ToString(),
                        standard.BuildId,
                        build.Name,
                        standard.Number,
                        plan.Station,
                        station,
                        plan.Size.Value,
                        plan.SizeName,
                        who,
                        started,
                        Math.Round(55 + (plan.Steps.Count * 9) + (Normal(dice) * 12)),
                        true,
                        taste.Strength,
                        taste.Sweetness,
                        taste.IsAllowed,
                        "{}",
                        steps
                    )
                );
            }
        }
    }

    private static PouredStep Pour(MakingStep step, string station, string who, int day, Random dice)
    {
        var percent = step switch
        {
            { Shot: not null } => Normal(dice) * 2.2,
            { Dispenser: "kiosk-hazelnut" } => (Normal(dice) * 1.2)
                + (PumpEndsPercent * Math.Max(0, PumpDriftsFor - day) / PumpDriftsFor),
            { Dispenser: not null } => Normal(dice) * 1.2,
            { Foam: not null } or { Level.Mark: not null } when who == HeavyHand => HeavyPercent + (Normal(dice) * 2.5),
            _ => Normal(dice) * 2.5,
        };
        var seconds = step.Shot is { } shot
            ? ((shot.SecondsFrom + shot.SecondsTo) / 2 ?? 28)
                + (Normal(dice) * 1.1)
                + (station == "bar" && day <= GrindGoneFor ? GrindSeconds : 0)
            : default(double?);
        var grams = Grams.From(Math.Round(Math.Max(0.1, step.Target!.Grams.Value * (1 + (percent / 100))), 1));
        var isInWindow =
            seconds is null
            || step.Shot is not { SecondsFrom: { } least, SecondsTo: { } most }
            || (seconds >= least && seconds <= most);
        return new PouredStep(
            step.Line!.Value,
            step.Title,
            step.Ingredient,
            step.Dispenser,
            step.Shot?.Recipe,
            step.Target.Grams,
            grams,
            seconds is { } ran ? Math.Round(ran, 1) : null,
            step.Foam is { IsCold: false } foam ? Celsius.From(Math.Round(foam.To.Value + (Normal(dice) * 1.5))) : null,
            step.Target.IsMet(grams) && isInWindow
        );
    }

    private static double Normal(Random dice) =>
        Math.Sqrt(-2 * Math.Log(1 - dice.NextDouble())) * Math.Cos(2 * Math.PI * dice.NextDouble());
}
