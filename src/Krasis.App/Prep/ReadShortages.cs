using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Shows what a standard needs that is out or over date.</summary>
public sealed class ReadShortages(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<IReadOnlyList<ShortView>> Run() =>
        Result.Of(file.Read(session => StockViews.Short(session, Kitchen.Of(session, standards, clock))));
}
