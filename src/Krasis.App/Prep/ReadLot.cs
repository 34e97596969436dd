using Krasis.App.Shared;
using Krasis.Store;
using Krasis.Store.Tastings;

namespace Krasis.App.Prep;

/// <summary>Shows one lot and everything that happened to it.</summary>
public sealed class ReadLot(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<LotHistoryView> Run(string lot) =>
        file.Read<Result<LotHistoryView>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            var rows = kitchen.Book.Where(row => row.Lot == lot).ToList();
            if (rows.Count == 0)
            {
                return Refusal.Missing("lot");
            }

            return Result.Of(
                new LotHistoryView(
                    StockViews.View(kitchen, kitchen.LotOf(lot)!),
                    [
                        .. rows.Select(row => new LotMoveView(
                            TastingStore.Read(row.At),
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
