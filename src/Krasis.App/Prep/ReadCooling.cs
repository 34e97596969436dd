using Krasis.App.Shared;
using Krasis.Core.Planning.Keeping;
using Krasis.Store;
using Krasis.Store.Values;

namespace Krasis.App.Prep;

/// <summary>Tells from the readings whether a cooked batch is cooling in time.</summary>
public sealed class ReadCooling(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<CoolingView> Run(string key) =>
        file.Read<Result<CoolingView>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            return BatchParts.Find(session, kitchen, key) is not { } batch ? BatchParts.NotThere(session, key)
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
            .Select(row => new CoolingReadingView(Timestamp.Read(row.At), row.Celsius, row.Who))
            .Where(reading => reading.At >= begun)
            .ToList();
        var all = readings.ConvertAll(reading => new CoolingReading(
            (reading.At - begun).TotalMinutes,
            reading.Celsius
        ));
        var verdict = TwoStageCooling.Judge(all, (now - begun).TotalMinutes);
        var left = TwoStageCooling.LeftTheHeat(all);
        return new CoolingView(
            begun.AddMinutes(left ?? 0),
            left is null,
            verdict,
            TwoStageCooling.Says(verdict),
            readings
        );
    }
}
