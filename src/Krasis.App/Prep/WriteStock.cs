using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Core.Planning.Stocking;
using Krasis.Store;
using Krasis.Store.Tastings;

namespace Krasis.App.Prep;

/// <summary>Writes in the book of stock: a delivery, an opening, what was thrown away or counted.</summary>
public sealed class WriteStock(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<StockView> Run(StockRequest request) =>
        file.Write<Result<StockView>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            var fields = new FieldReader();
            if (GivenId.Refusal("id", request.Id, "No page writes in the book so.") is { } refusal)
            {
                fields.Take([refusal]);
            }

            var move = fields.Word("move", request.Move, LotMove.Counted);
            var who = fields.Note("who", request.Who, 80);
            var reason = fields.Note("reason", request.Reason, 200);
            var useBy = fields.Day("useBy", request.UseBy);
            if (fields.Problems.Count > 0)
            {
                return Refusal.Fields(fields.Problems);
            }

            if (session.Prep.Entry(request.Id!) is not null)
            {
                return Result.Of(StockViews.View(kitchen));
            }

            var now = TastingStore.Written(clock.GetUtcNow());
            var row = move is LotMove.Bought or LotMove.Made
                ? StockViews.Came(session, kitchen, request, move, useBy, fields)
                : StockViews.Happened(kitchen, request, move, useBy, reason, fields);
            if (fields.Problems.Count > 0)
            {
                return Refusal.Fields(fields.Problems);
            }

            if (row is null)
            {
                return Refusal.Missing("lot");
            }

            session.Prep.Write(row with { Id = request.Id!, At = now, Reason = reason, Who = who });
            return Result.Of(StockViews.View(Kitchen.Of(session, standards, clock)));
        });
}
