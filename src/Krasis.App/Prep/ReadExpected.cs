using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Shows how many cups are expected, by drink, size, station and day.</summary>
public sealed class ReadExpected(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    private const int MostDays = 28;
    private const int PastDays = 21;

    /// <summary>Does it.</summary>
    public Result<ExpectedView> Run(DateOnly? from, int? days)
    {
        if (days is < 1 or > MostDays)
        {
            return Refusal.Fields([
                new Problem(
                    "days",
                    $"{days}",
                    $"{days} is not a number of days to look ahead.",
                    $"1 to {MostDays} days"
                ),
            ]);
        }

        if (from is { Year: < 2000 or > 2140 })
        {
            return Refusal.Fields([
                new Problem(
                    "from",
                    Kitchen.Written(from.Value),
                    "That day is too far away.",
                    "a day from 2000 to 2140"
                ),
            ]);
        }

        return Result.Of(
            file.Read(session => ExpectedViews.View(session, Kitchen.Of(session, standards, clock), from, days ?? 7))
        );
    }
}
