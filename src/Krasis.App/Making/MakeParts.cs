using Krasis.Core.Making;
using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;

namespace Krasis.App.Making;

/// <summary>Reads what a tablet sends about a make.</summary>
public static class MakeParts
{
    // What is still to come cannot have been: the tablet's clock is ahead, and it was begun as long ago as it took.
    public static DateTimeOffset Begun(DateTimeOffset said, double seconds, DateTimeOffset now) =>
        said <= now ? said : now.AddSeconds(-seconds);

    public static PouredStep Step(PouredRequest poured, MakingPlan plan, MadeDrink drink, string? station)
    {
        var grams = Grams.From(poured.Grams!.Value);
        var step = plan.Steps.First(each => each.Line?.Value == poured.Line);
        return new PouredStep(
            step.Line!.Value,
            step.Title,
            step.Ingredient,
            step.Dispenser,
            step.Shot?.Recipe,
            poured.Target is { } target ? Grams.From(target) : step.Target!.Grams,
            grams,
            poured.Seconds,
            poured.Celsius is { } warm ? Celsius.From(warm) : null,
            step.Target!.IsMet(grams) && (poured.Seconds is not { } ran || IsGood(ran))
        );

        // What has run for no time at all has not been timed.
        bool IsGood(double seconds) =>
            seconds <= 0
            || step.Shot is null
            || ShotVerdict.On(
                drink.Build,
                drink.Bar,
                station,
                plan.Size,
                new PouredLine(step.Line!.Value, grams),
                seconds
            )
                is { IsRead: true, Value.IsGood: true };
    }
}
