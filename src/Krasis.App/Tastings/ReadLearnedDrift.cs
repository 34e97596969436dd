using Krasis.App.Shared;
using Krasis.Store;
using Krasis.Tasting.Learning;

namespace Krasis.App.Tastings;

/// <summary>Says what tastings tell about how far sizes may differ.</summary>
public sealed class ReadLearnedDrift(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<IReadOnlyList<LearnedDrift>> Run() =>
        file.Read(session =>
        {
            var house = session.Bar.Facts().House;
            var told = session
                .Tastings.List()
                .Where(stored => stored.State == "closed")
                .Select(stored => Outcome.Of(session, Tasted.Of(stored)))
                .OfType<Outcome>()
                .Where(outcome =>
                    outcome is { Simulated: 0, Result.Choice: { Method.IsTwoSided: false, Tasters: > 0 } }
                    && outcome.Opened.Samples.Count == 2
                )
                .ToList();
            IReadOnlyList<LearnedDrift> learned =
            [
                .. Of("strength", house.AllowedStrengthDrift.Value, sample => sample.Strength),
                .. Of("sweetness", house.AllowedSweetnessDrift.Value, sample => sample.Sweetness),
            ];
            return Result.Of(learned);

            IEnumerable<LearnedDrift> Of(string taste, double allowed, Func<OpenedSample, double?> of)
            {
                var tests = told.Select(outcome =>
                        (outcome, one: of(outcome.Opened.Samples[0]), other: of(outcome.Opened.Samples[1]))
                    )
                    .Where(each => each is { one: > 0, other: > 0 })
                    .Select(each => new ToldApart(
                        each.outcome.Result.Choice!.Method,
                        Math.Abs((each.other!.Value / each.one!.Value) - 1) * 100,
                        each.outcome.Result.Choice.Tasters,
                        each.outcome.Result.Choice.Right
                    ))
                    .ToList();
                return DriftLearner.Of(taste, allowed, tests) is { } found ? [found] : [];
            }
        });
}
