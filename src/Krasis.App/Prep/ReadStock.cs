using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Shows what is in stock, what to use first, and what was thrown away.</summary>
public sealed class ReadStock(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<StockView> Run() =>
        file.Read(session => StockViews.View(session, Kitchen.Of(session, standards, clock)));
}
