using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Stocking;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Values;

namespace Krasis.App.Prep;

/// <summary>Writes in the book of stock: a delivery, an opening, what was thrown away or counted.</summary>
public sealed class WriteStock(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Writes it. Sent twice under one id, it is written once; something else under the same id is refused.</summary>
    public Result<StockView> Run(StockRequest request)
    {
        var fields = new FieldReader();
        if (GivenId.Refusal("id", request.Id, "No page writes in the book so.") is { } refusal)
        {
            fields.Take([refusal]);
        }

        var move = fields.Word("move", request.Move, LotMove.Counted);
        var who = fields.Note("who", request.Who, 80);
        var reason = fields.Note("reason", request.Reason, 200);
        var useBy = fields.Day("useBy", request.UseBy);
        return fields.Problems.Count > 0
            ? Refusal.Fields(fields.Problems)
            : file.Write(
                    session => Prepare(session, request, move, useBy, reason),
                    (session, prepared) =>
                        prepared.Then(row =>
                        {
                            if (row is not null)
                            {
                                var now = Timestamp.Write(clock.GetUtcNow());
                                session.Prep.Write(row with { Id = request.Id!, At = now, Reason = reason, Who = who });
                            }

                            return default(Done);
                        })
                )
                .Then(_ => file.Read(session => StockViews.View(session, Kitchen.Of(session, standards, clock))));
    }

    // The line to be written; none where it is in the book already.
    private Result<LotRow?> Prepare(
        Session session,
        StockRequest request,
        LotMove move,
        DateOnly? useBy,
        string? reason
    )
    {
        var kitchen = Kitchen.Of(session, standards, clock);
        if (session.Prep.Entry(request.Id!) is { } before)
        {
            return IsTheSame(session, kitchen, before, request, move, useBy, reason)
                ? Result.Of<LotRow?>(null)
                : Refusal.SentAsSomethingElse;
        }

        var fields = new FieldReader();
        var row = move is LotMove.Bought or LotMove.Made
            ? StockViews.Came(session, kitchen, request, move, useBy, fields)
            : StockViews.Happened(session, kitchen, request, move, useBy, reason, fields);
        return fields.Problems.Count > 0 ? Refusal.Fields(fields.Problems)
            : row is null ? Refusal.Missing("lot")
            : Result.Of<LotRow?>(row);
    }

    // Whether the entry in the book is the same one, sent again.
    private static bool IsTheSame(
        Session session,
        Kitchen kitchen,
        LotRow before,
        StockRequest request,
        LotMove move,
        DateOnly? useBy,
        string? reason
    )
    {
        var amount = move switch
        {
            LotMove.Bought or LotMove.Made => request.Packs is { } packs && Item.Find(request.Item) is { } item
                ? packs * kitchen.Catalogue.GetValueOrDefault(item)?.Pack
                : request.Amount,
            LotMove.Counted => request.Amount - LeftBefore(session, before),
            LotMove.Opened => 0,
            _ => -request.Amount ?? before.Amount,
        };
        return before.Batch is null
            && before.Move == Choice.Word(move)
            && before.Reason == reason
            && IsUseBySame(before, move, useBy)
            && (request.Lot is null ? before.Item == request.Item : before.Lot == request.Lot)
            && Math.Abs(before.Amount - (amount ?? double.NaN)) < 1e-6;
    }

    // Without a day of its own, what comes and what is opened gets one by its rule.
    private static bool IsUseBySame(LotRow before, LotMove move, DateOnly? useBy) =>
        useBy is null
        || move is not (LotMove.Bought or LotMove.Made or LotMove.Opened)
        || before.UseBy == Kitchen.Written(useBy.Value);

    // What was left of the lot before an entry was written.
    private static double LeftBefore(Session session, LotRow line) =>
        Stock
            .All(session.Prep.HistoryOf(line.Lot).Where(row => row.Number < line.Number).Select(LotBalances.ToEntry))
            .Values.Sum(lot => lot.Left);
}
