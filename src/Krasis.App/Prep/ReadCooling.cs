using Krasis.App.Shared;
using Krasis.Core.Planning.Keeping;
using Krasis.Store;
using Krasis.Store.Values;

namespace Krasis.App.Prep;

/// <summary>Judges by its readings whether a cooked batch is cooling in time.</summary>
public sealed class ReadCooling(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<CoolingView> Run(string key) =>
        file.Read<Result<CoolingView>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            return BatchParts.Find(session, kitchen, key) is not { } batch ? Refusal.Missing("batch")
                : BatchParts.BegunAt(kitchen, key) is not { } begun ? NotBegun(batch.Name)
                : Result.Of(View(session, key, begun, clock.GetUtcNow()));
        });

    internal static Refusal NotBegun(string name) =>
        Refusal.Conflict(
            $"{name} has not been started.",
            "Start it first: cooling is timed from when it leaves the heat."
        );

    internal static CoolingView View(Session session, string key, DateTimeOffset begun, DateTimeOffset now)
    {
        var readings = session
            .Prep.Cooling(key)
            .Select(row => (row.Who, Reading: new CoolingReading(Timestamp.Read(row.At), row.Celsius)))
            .Where(row => row.Reading.At >= begun)
            .ToList();
        var all = readings.Select(row => row.Reading).ToList();
        var verdict = TwoStageCooling.Judge(all, begun, now);
        return new CoolingView(
            TwoStageCooling.StartOf(all, begun),
            all.Count == 0 || all.TrueForAll(reading => reading.Celsius is < TwoStageCooling.FromCelsius),
            verdict,
            TwoStageCooling.Says(verdict),
            [.. readings.Select(row => new CoolingReadingView(row.Reading.At, row.Reading.Celsius, row.Who))]
        );
    }
}
