namespace Krasis.Core.Planning.Plans;

/// <summary>Plans what is made when.</summary>
/// <remarks>First what drinks use, then what goes into that, and so on inward: the time at which a batch is begun is
/// the time at which what goes into it has to be ready. What is in stock and good is used first. A batch is for as many
/// days as it keeps and as a batch is large, and holds what lasts over them with the house's probability. See
/// <see cref="Scheduling.Scheduler"/> for the times.</remarks>
public static class PrepPlanner
{
    /// <summary>Plans, and tries what would solve what the plan cannot.</summary>
    public static PrepPlan Plan(PlanInput input)
    {
        var plan = new PlanDraft(input, isExplained: true).Draw();
        return plan with { Conflicts = Remedies.For(input, plan) };
    }

    /// <summary>Plans, and leaves what cannot be solved as it is, unexplained.</summary>
    public static PrepPlan Draw(PlanInput input) => new PlanDraft(input, isExplained: false).Draw();
}
