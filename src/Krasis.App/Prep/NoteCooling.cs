using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Values;

namespace Krasis.App.Prep;

/// <summary>Records the temperature of a cooked batch, or that it has left the heat.</summary>
public sealed class NoteCooling(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    private const double Coldest = -40;
    private const double Hottest = 120;

    /// <summary>Does it.</summary>
    public Result<CoolingView> Run(string key, CoolingRequest request)
    {
        var fields = new FieldReader();
        var who = fields.Note("who", request.Who, 80);
        var celsius = request.LeftTheHeat
            ? default(double?)
            : fields.Number("celsius", request.Celsius, Coldest, Hottest, "°C");
        if (fields.Problems.Count > 0)
        {
            return Refusal.Fields(fields.Problems);
        }

        return file.Write<Result<DateTimeOffset>, Result<CoolingView>>(
            session =>
            {
                var kitchen = Kitchen.Of(session, standards, clock);
                return BatchParts.Find(session, kitchen, key) is not { } batch ? BatchParts.NotThere(session, key)
                    : BatchParts.BegunAt(kitchen, key) is not { } begun ? ReadCooling.NotBegun(batch.Name)
                    : Result.Of(begun);
            },
            (session, begun) =>
                begun.Then(since =>
                {
                    var now = clock.GetUtcNow();
                    session.Prep.Add(new CoolingRow(key, Timestamp.Write(now), celsius, who));
                    return ReadCooling.View(session, key, since, now);
                })
        );
    }
}
