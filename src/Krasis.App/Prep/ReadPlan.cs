using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Shows what has to be made, and when.</summary>
public sealed class ReadPlan(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<PrepPlanView> Run() => file.Read(session => PlanViews.View(session, standards, clock));
}
