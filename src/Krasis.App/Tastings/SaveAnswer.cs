using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Tasting.Designing;
using Krasis.Tasting.Documents;

namespace Krasis.App.Tastings;

/// <summary>Saves what a taster answered.</summary>
public sealed class SaveAnswer(KrasisFile file, TimeProvider clock) : IUseCase
{
    private const string What = "tasting";

    /// <summary>Does it.</summary>
    public Result<AnsweredView> Run(string id, string device, AnswerDocument answer)
    {
        if (GivenId.Refusal("device", device, "No page calls a seat so.") is { } refusal)
        {
            return Refusal.Fields([refusal]);
        }

        answer = answer.WithoutNulls();
        return file.Write<Result<AnsweredView>>(session =>
        {
            if (session.Tastings.Find(id) is not { } stored || Tasted.Of(stored).Setup is not { } setup)
            {
                return Refusal.Missing(What);
            }

            if (session.Tastings.Seat(id, device) is not { } seat)
            {
                return Refusal.Missing("seat");
            }

            var read = Answer.Read(
                answer,
                setup,
                ServingPlan.Of(setup.Question, setup.Samples.Count, setup.Seed).For((int)seat.Seat, [])
            );
            if (!read.IsRead)
            {
                return Refusal.Fields(read.Problems);
            }

            if (read.Value.IsEmpty)
            {
                return Refusal.Fields([
                    Problem.At("cups", null, "Nothing has been answered yet.", "an answer to what is asked"),
                ]);
            }

            var written = Tasted.Write(answer);
            if (seat.Answer is { } before)
            {
                return before == written
                    ? Result.Of(new AnsweredView(seat.IsCounted == 1))
                    : Refusal.Conflict("You have answered already.", "What was sent first stays as it is.");
            }

            session.Tastings.Answer(id, device, written, stored.State == "open", clock.GetUtcNow());
            return Result.Of(new AnsweredView(stored.State == "open"));
        });
    }
}
