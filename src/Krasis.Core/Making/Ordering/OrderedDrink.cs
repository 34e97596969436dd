using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Ordering;

/// <summary>A drink of an order, as far as it matters for what is done when.</summary>
/// <param name="Name">What it is called, with its size.</param>
/// <param name="IsCold">Whether there is ice in it.</param>
/// <param name="Before">What is done for it before its coffee, s.</param>
/// <param name="After">What is done for it after coffee and milk, s.</param>
/// <param name="Shots">The espresso that it needs.</param>
/// <param name="Milk">The milk that is steamed for it; null when none is.</param>
internal sealed record OrderedDrink(
    string Name,
    bool IsCold,
    double Before,
    double After,
    IReadOnlyList<ShotNeed> Shots,
    MilkNeed? Milk
)
{
    /// <summary>Reads it off a plan.</summary>
    public static OrderedDrink Of(MakingPlan plan)
    {
        var steps = plan.Steps.Where(step => step.Line is not null).ToList();
        var coffee = steps.FindIndex(step => step.Shot is not null);
        var milk = steps.Find(step => step.Foam is { IsCold: false });
        double before = 0,
            after = Pace.HandOver;
        for (var i = 0; i < steps.Count; i++)
        {
            // What a step asks for besides: stirring, or cooling a shot once it has run.
            var work = steps[i].Seconds ?? 0;
            if (steps[i].Shot is null && steps[i] != milk)
            {
                _ = i < coffee ? before += Pace.Put + work : after += Pace.Put + work;
            }
            else
            {
                after += work;
            }
        }

        after += steps.Exists(step => step.Into is not null) ? Pace.Finish(plan.Serve) : 0;
        return new OrderedDrink(
            $"{plan.Drink}, {plan.SizeName}",
            plan.Serve != Serve.Hot,
            before,
            after,
            [
                .. steps
                    .Where(step => step.Shot is not null)
                    .Select(step => new ShotNeed(
                        step.Shot!.Recipe,
                        step.Target!.Grams.Value / step.Shot.Yield.Value,
                        Pace.Runs(step.Shot)
                    )),
            ],
            milk is null
                ? null
                : new MilkNeed(milk.Ingredient!.Value, milk.Title, milk.Foam!.Level, milk.Foam.To, milk.Cold!.Value)
        );
    }
}

/// <summary>Espresso of one recipe.</summary>
/// <param name="Recipe">What the bar calls it.</param>
/// <param name="Pulls">How many pulls, in parts of one.</param>
/// <param name="Runs">How long a pull runs, s.</param>
internal sealed record ShotNeed(string Recipe, double Pulls, double Runs)
{
    /// <summary>Whole pulls that are this drink's alone.</summary>
    public int Whole => (int)Math.Floor(Pulls + 1e-9);

    /// <summary>The part of a pull that is left over; zero where none is.</summary>
    public double Part => Pulls - Whole is var part && part > 0.01 ? part : 0;
}

/// <summary>Milk to be steamed.</summary>
/// <param name="Milk">Which.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Foam">To which foam level.</param>
/// <param name="To">How warm.</param>
/// <param name="Cold">How much, before it is steamed.</param>
internal sealed record MilkNeed(IngredientId Milk, string Name, string Foam, Celsius To, Millilitres Cold)
{
    /// <summary>Whether it may be steamed with another's: the same milk to the same foam, just as warm. Another milk
    /// never, for its allergens.</summary>
    public bool GoesWith(MilkNeed other) => Milk == other.Milk && Foam == other.Foam && To == other.To;
}
