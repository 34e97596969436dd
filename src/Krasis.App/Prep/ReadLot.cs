using Krasis.App.Shared;
using Krasis.Store;
using Krasis.Store.Values;

namespace Krasis.App.Prep;

/// <summary>Shows one lot and everything that happened to it.</summary>
public sealed class ReadLot(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<LotHistoryView> Run(string lot) =>
        file.Read<Result<LotHistoryView>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            if (StockBook.Find(session, lot) is not { } found)
            {
                return Refusal.Missing("lot");
            }

            return Result.Of(
                new LotHistoryView(
                    StockViews.View(session, kitchen, found),
                    [
                        .. session
                            .Prep.HistoryOf(lot)
                            .Select(row => new LotMoveView(
                                Timestamp.Read(row.At),
                                row.Move,
                                row.Amount,
                                row.Reason,
                                row.Who
                            )),
                    ]
                )
            );
        });
}
