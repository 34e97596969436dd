using Krasis.App.Shared;
using Krasis.Core.Bar.Ice;

namespace Krasis.App.Bar;

/// <summary>Works out how ice packs.</summary>
public sealed class MeasureIce() : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<IceMeasured> Run(IceMeasuring readings) =>
        readings.Work() is var ice && ice.IsRead ? Result.Of(ice.Value) : Refusal.Fields(ice.Problems);
}
