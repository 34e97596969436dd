using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Bar;

/// <summary>Shows all of the bar's facts.</summary>
public sealed class ReadBar(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Shows them.</summary>
    public Result<BarView> Run() => file.Read(session => BarView.Of(session, clock.Today()));
}
