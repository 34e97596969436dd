using Krasis.Store.Tastings;
using Krasis.Tasting.Designing;

namespace Krasis.App.Tastings;

/// <summary>Shows seats.</summary>
public static class Seats
{
    public static SeatView View(StoredTaster seat, Tasted tasted) =>
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
