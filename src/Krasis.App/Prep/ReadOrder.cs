using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Shows what has to be bought.</summary>
public sealed class ReadOrder(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<OrderView> Run() => file.Read(session => PlanViews.Order(session, standards, clock));
}
