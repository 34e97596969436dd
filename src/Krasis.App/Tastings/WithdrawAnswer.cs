using System.Globalization;
using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Store;

namespace Krasis.App.Tastings;

/// <summary>Leaves an answer out of a tasting, or counts it again.</summary>
public sealed class WithdrawAnswer(KrasisFile file) : IUseCase
{
    private const string What = "tasting";

    /// <summary>Does it.</summary>
    public Result<TastingView> Run(string id, WithdrawRequest request) =>
        file.Write<Result<Done>>(session =>
            {
                if (session.Tastings.Find(id) is not { } stored)
                {
                    return Refusal.Missing(What);
                }

                var tasted = Tasted.Of(stored);
                if (tasted.Opened is not { } opened || tasted.Setup is not { } setup || stored.State == "draft")
                {
                    return TastingViews.Running("It has not been opened yet: take the sample out.");
                }

                if (setup.Question.Method is not null)
                {
                    return TastingViews.Running(
                        "With one of two samples gone there is nothing to compare. Close the tasting."
                    );
                }

                if (request.Sample is not { } sample || sample < 0 || sample >= opened.Samples.Count)
                {
                    return Refusal.Fields([
                        Problem.At(
                            "sample",
                            request.Sample?.ToString(CultureInfo.InvariantCulture),
                            "There is no such sample.",
                            $"0 to {opened.Samples.Count - 1}"
                        ),
                    ]);
                }

                if (opened.Samples.Count - tasted.Withdrawn.Append(sample).Distinct().Count() == 0)
                {
                    return TastingViews.Running("It is the last one: close the tasting.");
                }

                session.Tastings.Withdraw(
                    id,
                    Tasted.Write(tasted.Withdrawn.Append(sample).Distinct().Order().ToList())
                );
                return default(Done);
            })
            .Then(_ => TastingViews.Now(file, id));
}
