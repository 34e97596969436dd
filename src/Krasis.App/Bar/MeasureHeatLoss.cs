using Krasis.App.Shared;
using Krasis.Core.Bar.Cups;

namespace Krasis.App.Bar;

/// <summary>Works out a cup’s heat loss from readings.</summary>
public sealed class MeasureHeatLoss() : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<HeatLossView> Run(HeatLossMeasuring readings) =>
        readings.Work() is var loss && loss.IsRead
            ? Result.Of(new HeatLossView(loss.Value))
            : Refusal.Fields(loss.Problems);
}
