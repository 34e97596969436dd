using Krasis.App.Shared;
using Krasis.Store;
using Krasis.Tasting.Documents;

namespace Krasis.App.Tastings;

/// <summary>Gives a taster a seat.</summary>
public sealed class TakeSeat(KrasisFile file, TimeProvider clock) : IUseCase
{
    private const string What = "tasting";

    /// <summary>Does it.</summary>
    public Result<SeatView> Run(string id, string device)
    {
        if (GivenId.Refusal("device", device, "No page calls a seat so.") is { } refusal)
        {
            return Refusal.Fields([refusal]);
        }

        return file.Write<Result<SeatView>>(session =>
        {
            if (session.Tastings.Find(id) is not { } stored)
            {
                return Refusal.Missing(What);
            }

            var tasted = Tasted.Of(stored);
            if (session.Tastings.Seat(id, device) is null)
            {
                if (stored.State != "open" || tasted.Setup is null)
                {
                    return stored.State == "closed"
                        ? TastingViews.Running("It is over.")
                        : TastingViews.Running("It has not begun yet.");
                }

                if (session.Tastings.Tasters(id).Count >= TastingSetup.MostTasters)
                {
                    return TastingViews.Running(
                        $"{TastingSetup.MostTasters} tasters have come, which is all there is room for."
                    );
                }

                session.Tastings.Sit(id, device, isSimulated: false, clock.GetUtcNow());
            }

            var seat = session.Tastings.Seat(id, device)!;
            return Result.Of(Seats.View(seat, tasted));
        });
    }
}
