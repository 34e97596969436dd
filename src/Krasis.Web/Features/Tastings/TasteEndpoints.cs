using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Store.Tastings;
using Krasis.Tasting.Designing;
using Krasis.Tasting.Documents;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Tastings;

/// <summary>What tasters see and send: nothing here says what is in a cup, or what others have said.</summary>
public static class TasteEndpoints
{
    private const string What = "tasting";

    public static void Map(IEndpointRouteBuilder routes)
    {
        var taste = routes.MapGroup("/api/taste/{id}").WithTags("Tasting");
        taste.MapGet("", Read).WithSummary("What a taster is asked, before sitting down.").Fails(404);
        taste
            .MapPut("/seats/{device}", Sit)
            .WithSummary("Take the next seat, under an id of the page's own: asked twice it is the same seat.")
            .Fails(404, 409, 422);
        taste
            .MapPut("/answers/{device}", Keep)
            .WithSummary(
                "Send what was answered at a seat: sent twice it is kept once, and it is never changed. What comes after closing is kept, and the lead decides whether it counts."
            )
            .Fails(400, 404, 409, 413, 422);
    }

    private static Results<Ok<TasteView>, ProblemResult> Read(string id, KrasisFile file) =>
        file.Read<Results<Ok<TasteView>, ProblemResult>>(session =>
            session.Tastings.Find(id) is { } stored
            && Tasted.Of(stored) is var tasted
            && tasted.Document.Question is not null
                ? TypedResults.Ok(
                    new TasteView(
                        stored.State,
                        TastingQuestion.All.FirstOrDefault(each => each.Code == tasted.Document.Question),
                        tasted.Setup?.Scales ?? []
                    )
                )
                : ProblemResult.Missing(What)
        );

    private static Results<Ok<SeatView>, ProblemResult> Sit(
        string id,
        string device,
        KrasisFile file,
        TimeProvider clock
    )
    {
        if (GivenId.Refusal("device", device, "No page calls a seat so.") is { } refusal)
        {
            return ProblemResult.Fields([refusal]);
        }

        return file.Write<Results<Ok<SeatView>, ProblemResult>>(session =>
        {
            if (session.Tastings.Find(id) is not { } stored)
            {
                return ProblemResult.Missing(What);
            }

            var tasted = Tasted.Of(stored);
            if (session.Tastings.Seat(id, device) is null)
            {
                if (stored.State != "open" || tasted.Setup is null)
                {
                    return stored.State == "closed"
                        ? TastingEndpoints.Running("It is over.")
                        : TastingEndpoints.Running("It has not begun yet.");
                }

                if (session.Tastings.Tasters(id).Count >= TastingSetup.MostTasters)
                {
                    return TastingEndpoints.Running(
                        $"{TastingSetup.MostTasters} tasters have come, which is all there is room for."
                    );
                }

                session.Tastings.Sit(id, device, isSimulated: false, clock.GetUtcNow());
            }

            var seat = session.Tastings.Seat(id, device)!;
            return TypedResults.Ok(View(seat, tasted));
        });
    }

    private static Results<Ok<AnsweredView>, ProblemResult> Keep(
        string id,
        string device,
        AnswerDocument answer,
        KrasisFile file,
        TimeProvider clock
    )
    {
        if (GivenId.Refusal("device", device, "No page calls a seat so.") is { } refusal)
        {
            return ProblemResult.Fields([refusal]);
        }

        answer = answer.WithoutNulls();
        return file.Write<Results<Ok<AnsweredView>, ProblemResult>>(session =>
        {
            if (session.Tastings.Find(id) is not { } stored || Tasted.Of(stored).Setup is not { } setup)
            {
                return ProblemResult.Missing(What);
            }

            if (session.Tastings.Seat(id, device) is not { } seat)
            {
                return ProblemResult.Missing("seat");
            }

            var read = Answer.Read(
                answer,
                setup,
                ServingPlan.Of(setup.Question, setup.Samples.Count, setup.Seed).For((int)seat.Seat, [])
            );
            if (!read.IsRead)
            {
                return ProblemResult.Fields(read.Problems);
            }

            if (read.Value.IsEmpty)
            {
                return ProblemResult.Fields([
                    Problem.At("cups", null, "Nothing has been answered yet.", "an answer to what is asked"),
                ]);
            }

            var written = Tasted.Write(answer);
            if (seat.Answer is { } before)
            {
                return before == written
                    ? TypedResults.Ok(new AnsweredView(seat.IsCounted == 1))
                    : ProblemResult.Conflict("You have answered already.", "What was sent first stays as it is.");
            }

            session.Tastings.Answer(id, device, written, stored.State == "open", clock.GetUtcNow());
            return TypedResults.Ok(new AnsweredView(stored.State == "open"));
        });
    }

    private static SeatView View(StoredTaster seat, Tasted tasted) =>
        new(
            (int)seat.Seat,
            seat.Answer is not null,
            [
                .. ServingPlan
                    .Of(tasted.Setup!.Question, tasted.Setup.Samples.Count, tasted.Setup.Seed)
                    .For((int)seat.Seat, tasted.Withdrawn)
                    .Select(glass => new CupView(glass.Code, glass.IsReference)),
            ]
        );
}

/// <summary>What a taster is asked.</summary>
/// <param name="State">draft before it has begun, open, or closed.</param>
/// <param name="Question">What is asked; null before it has begun.</param>
/// <param name="Scales">On which scales.</param>
public sealed record TasteView(string State, TastingQuestion? Question, IReadOnlyList<JarScale> Scales);

/// <summary>A seat.</summary>
/// <param name="Seat">Its number.</param>
/// <param name="HasAnswered">Whether it has answered already.</param>
/// <param name="Cups">What stands before the taster, in the order in which it is tasted.</param>
public sealed record SeatView(int Seat, bool HasAnswered, IReadOnlyList<CupView> Cups);

/// <summary>A small cup.</summary>
/// <param name="Code">What stands on it.</param>
/// <param name="IsReference">Whether it is the one to compare with.</param>
public sealed record CupView(string Code, bool IsReference);

/// <summary>That an answer was kept.</summary>
/// <param name="IsCounted">Whether it counts: the tasting was still open.</param>
public sealed record AnsweredView(bool IsCounted);
