using System.Globalization;
using Krasis.App.Shared;
using Krasis.Core.Making.Pouring;
using Krasis.Store;

namespace Krasis.App.Making;

/// <summary>Shows what was made and poured.</summary>
public sealed class ReadPourLog(KrasisFile file, TimeProvider clock) : IUseCase
{
    private const int LastMakes = 50;

    /// <summary>Does it.</summary>
    public Result<PouredView> Run(int? days)
    {
        if (days is < 1 or > 3660)
        {
            return Refusal.Fields([
                new(
                    "days",
                    days.Value.ToString(CultureInfo.InvariantCulture),
                    $"{days} is not a number of days to look back.",
                    "1 to 3660 days"
                ),
            ]);
        }

        var from = clock.GetUtcNow().AddDays(-(days ?? 21));
        var (count, makes, series) = file.Read(session =>
            (
                session.Makes.CountSince(from),
                session.Makes.Since(from, PourLog.MostMakes),
                PourLog.SeriesSince(session, from, clock)
            )
        );
        return Result.Of(
            new PouredView(
                from,
                count,
                makes.Count,
                PourFindings.In(series),
                [
                    .. series
                        .Where(each => each.Who is null)
                        .OrderByDescending(each => each.Points.Count)
                        .Select(PourLog.View),
                ],
                PourBook.Drinks(PourLog.Made(makes, clock)),
                [.. makes.Take(LastMakes).Select(PourLog.Row)]
            )
        );
    }
}
