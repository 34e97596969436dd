using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Stocking;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Tastings;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Prep;

/// <summary>What is in stock.</summary>
internal static class StockEndpoints
{
    private const double Most = 10_000_000;
    private const int ThrownDays = 30;

    public static void Map(IEndpointRouteBuilder routes)
    {
        var prep = routes.MapGroup("/api/prep").WithTags("Prep");
        prep.MapGet("/stock", (KrasisFile file, StandardNeeds standards, TimeProvider clock) =>
                TypedResults.Ok(file.Read(session => View(Kitchen.Of(session, standards, clock))))
            )
            .WithSummary("What is in stock, what has to be used first before the rest, and what was thrown away.");
        prep.MapPost("/stock", Write)
            .WithSummary(
                "Write in the book of stock: a delivery, an opening, what was thrown away or counted. Sent twice under one id it is kept once."
            )
            .Fails(400, 404, 409, 413, 422);
        prep.MapGet("/lots/{lot}", History).WithSummary("One lot, and all that happened to it.").Fails(404);
        prep.MapGet("/short", (KrasisFile file, StandardNeeds standards, TimeProvider clock) =>
                TypedResults.Ok(file.Read(session => Short(Kitchen.Of(session, standards, clock))))
            )
            .WithSummary("What a standard needs that is out or over date, of what the book of stock knows.");
    }

    internal static LotView View(Kitchen kitchen, Lot lot)
    {
        var item = kitchen.Catalogue.GetValueOrDefault(lot.Item);
        var ingredient = lot.Item.Kind == ItemKind.Cup ? null : kitchen.Bar.Find(new IngredientId(lot.Item.Id));
        var made = kitchen.Book.FirstOrDefault(row => row.Lot == lot.Id);
        return new LotView(
            lot.Id,
            lot.Item.ToString(),
            kitchen.NameOf(lot.Item),
            lot.Item.Kind == ItemKind.Cup ? "cups" : "g",
            lot.Left,
            lot.Since,
            lot.OpenedOn,
            lot.UseBy,
            !lot.IsGoodOn(kitchen.Today),
            item?.IsMade ?? false,
            item?.IsChilled == true ? "Keep at 5 °C or below"
                : item?.IsMade == true ? "Keep cool and closed"
                : null,
            ingredient?.Allergens is { } allergens ? [.. allergens.Contains.Order().Select(AllergenLists.Say)] : null,
            ingredient?.Allergens is { } traces
                ? [.. traces.MayContain.Except(traces.Contains).Order().Select(AllergenLists.Say)]
                : [],
            made?.Who,
            item?.Price is { } price ? price * lot.Left : null
        );
    }

    private static StockView View(Kitchen kitchen)
    {
        var thrown = kitchen
            .Book.Where(row => row.Move == "thrown" && Kitchen.Day(row.Day) > kitchen.Today.AddDays(-ThrownDays))
            .Reverse()
            .Select(row => new ThrownView(
                row.Lot,
                kitchen.NameOf(Item.Find(row.Item)!.Value),
                -row.Amount,
                Kitchen.Day(row.Day),
                row.Reason ?? "",
                row.Who,
                row.Cost
            ))
            .ToList();
        return new StockView(
            kitchen.Today,
            kitchen.Bar.House.Currency,
            [.. kitchen.Lots.Select(lot => View(kitchen, lot))],
            thrown,
            thrown.Sum(each => each.Cost ?? 0),
            [
                .. kitchen
                    .Catalogue.Values.Select(item => new StockItemView(
                        item.Item.ToString(),
                        item.Name,
                        item.Item.Kind == ItemKind.Cup ? "cups" : "g",
                        item.Pack,
                        item.PackSays
                    ))
                    .OrderBy(item => item.Name, StringComparer.Ordinal),
            ]
        );
    }

    private static Results<Ok<StockView>, ProblemResult> Write(
        StockRequest request,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    ) =>
        file.Write<Results<Ok<StockView>, ProblemResult>>(session =>
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
                return ProblemResult.Fields(fields.Problems);
            }

            if (session.Prep.Entry(request.Id!) is not null)
            {
                return TypedResults.Ok(View(kitchen));
            }

            var now = TastingStore.Written(clock.GetUtcNow());
            var row = move is LotMove.Bought or LotMove.Made
                ? Came(session, kitchen, request, move, useBy, fields)
                : Happened(kitchen, request, move, useBy, reason, fields);
            if (fields.Problems.Count > 0)
            {
                return ProblemResult.Fields(fields.Problems);
            }

            if (row is null)
            {
                return ProblemResult.Missing("lot");
            }

            session.Prep.Write(row with { Id = request.Id!, At = now, Reason = reason, Who = who });
            return TypedResults.Ok(View(Kitchen.Of(session, standards, clock)));
        });

    private static LotRow? Came(
        Session session,
        Kitchen kitchen,
        StockRequest request,
        LotMove move,
        DateOnly? useBy,
        FieldReader fields
    )
    {
        if (Item.Find(request.Item) is not { } item || !kitchen.Catalogue.TryGetValue(item, out var known))
        {
            fields.Report(
                "item",
                request.Item,
                "It is not said what came.",
                "an ingredient, a ground coffee or a cup of the bar"
            );
            return null;
        }

        var packs = fields.Optional("packs", request.Packs, 0.01, 10_000, "packs");
        if (packs is not null && known.Pack is null)
        {
            fields.Report("packs", null, "It is not known what a pack of it holds.", "the amount");
        }

        var amount = packs is { } many
            ? many * (known.Pack ?? 1)
            : fields.Number("amount", request.Amount, 0.1, Most, item.Kind == ItemKind.Cup ? "cups" : "g");
        if (useBy < kitchen.Today)
        {
            fields.Report("useBy", request.UseBy, "That day is over.", "today or later, or nothing where it keeps");
        }

        var last = useBy ?? (move == LotMove.Made ? StockBook.UseBy(kitchen.Today, known.Keeps, []) : null);
        return new LotRow(
            0,
            "",
            "",
            StockBook.NextLot(session, kitchen.Today),
            item.ToString(),
            Choice.Word(move),
            amount,
            Kitchen.Written(kitchen.Today),
            last is { } day ? Kitchen.Written(day) : null,
            null,
            null,
            null,
            known.Price * amount
        );
    }

    private static LotRow? Happened(
        Kitchen kitchen,
        StockRequest request,
        LotMove move,
        DateOnly? useBy,
        string? reason,
        FieldReader fields
    )
    {
        if (kitchen.LotOf(request.Lot) is not { } lot)
        {
            return null;
        }

        var today = Kitchen.Written(kitchen.Today);
        var price = kitchen.Catalogue.GetValueOrDefault(lot.Item)?.Price;
        var row = new LotRow(
            0,
            "",
            "",
            lot.Id,
            lot.Item.ToString(),
            Choice.Word(move),
            0,
            today,
            null,
            null,
            null,
            null,
            null
        );
        switch (move)
        {
            case LotMove.Opened:
                var days = kitchen.BarDocument.Ingredients.FirstOrDefault(each => each.Id == lot.Item.Id)?.OpenedDays;
                var last = useBy ?? (days is { } keeps ? DateMarking.LastDay(kitchen.Today, (int)keeps) : null);
                if (last is null)
                {
                    fields.Report(
                        "useBy",
                        null,
                        "It is not known how long it keeps once open.",
                        "the last day on which it may be used"
                    );
                }

                return row with
                {
                    UseBy = last is { } day ? Kitchen.Written(day) : null,
                };
            case LotMove.Counted:
                var there = fields.Number("amount", request.Amount, 0, Most, "g");
                return row with { Amount = there - lot.Left, Cost = price * (there - lot.Left) };
            default:
                var away = fields.Number(
                    "amount",
                    request.Amount ?? lot.Left,
                    0.01,
                    Math.Max(0.01, lot.Left + 1e-6),
                    "g"
                );
                if (reason is null)
                {
                    fields.Report(
                        "reason",
                        null,
                        "It is not said why.",
                        "a few words, such as over date, spilled or smelled off"
                    );
                }

                return row with
                {
                    Move = move == LotMove.Used ? "used" : "thrown",
                    Amount = -Math.Min(away, lot.Left),
                    Cost = price * away,
                };
        }
    }

    private static Results<Ok<LotHistoryView>, ProblemResult> History(
        string lot,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    ) =>
        file.Read<Results<Ok<LotHistoryView>, ProblemResult>>(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            var rows = kitchen.Book.Where(row => row.Lot == lot).ToList();
            if (rows.Count == 0)
            {
                return ProblemResult.Missing("lot");
            }

            return TypedResults.Ok(
                new LotHistoryView(
                    View(kitchen, kitchen.LotOf(lot)!),
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

    private static IReadOnlyList<ShortView> Short(Kitchen kitchen) =>
        [
            .. Shortage
                .Of(
                    kitchen.Book.Select(row => Item.Find(row.Item)!.Value).ToHashSet(),
                    kitchen.Lots,
                    kitchen.Needs.Where(need => kitchen.Standards.Contains(need.Key.Build)),
                    kitchen.Today
                )
                .Select(each => new ShortView(
                    each.Build,
                    each.Item.ToString(),
                    kitchen.NameOf(each.Item),
                    each.IsOver,
                    $"{kitchen.NameOf(each.Item)} is {(each.IsOver ? "over date" : "out")}"
                ))
                .OrderBy(each => each.Name, StringComparer.Ordinal),
        ];
}

/// <summary>What is in stock.</summary>
/// <param name="Today">The day.</param>
/// <param name="Currency">The house's currency.</param>
/// <param name="Lots">The lots, what has to be used first before the rest.</param>
/// <param name="Thrown">What was thrown away in the last 30 days.</param>
/// <param name="ThrownCost">What that cost; what has no price is left out.</param>
/// <param name="Items">What can come into stock.</param>
public sealed record StockView(
    DateOnly Today,
    string Currency,
    IReadOnlyList<LotView> Lots,
    IReadOnlyList<ThrownView> Thrown,
    double ThrownCost,
    IReadOnlyList<StockItemView> Items
);

/// <summary>A lot, as the page and a label say it.</summary>
/// <param name="Lot">Its number.</param>
/// <param name="Item">What it is of.</param>
/// <param name="Name">What the bar calls that.</param>
/// <param name="Unit">g or cups.</param>
/// <param name="Left">How much is left.</param>
/// <param name="Since">When it was made or delivered.</param>
/// <param name="OpenedOn">When it was opened; null while it is closed.</param>
/// <param name="UseBy">The last day on which it may be used; null when it keeps.</param>
/// <param name="IsOver">Whether that day is over.</param>
/// <param name="IsMade">Whether the house made it.</param>
/// <param name="KeepAt">How it has to be kept; null where that is the pack's to say.</param>
/// <param name="Contains">The allergens in it; null when a label has not been read.</param>
/// <param name="MayContain">Those that may be in it as a trace.</param>
/// <param name="Who">Who made it or took it in; null of nobody in particular.</param>
/// <param name="Worth">What is left is worth; null when not known.</param>
public sealed record LotView(
    string Lot,
    string Item,
    string Name,
    string Unit,
    double Left,
    DateOnly Since,
    DateOnly? OpenedOn,
    DateOnly? UseBy,
    bool IsOver,
    bool IsMade,
    string? KeepAt,
    IReadOnlyList<string>? Contains,
    IReadOnlyList<string> MayContain,
    string? Who,
    double? Worth
);

/// <summary>What was thrown away.</summary>
public sealed record ThrownView(
    string Lot,
    string Name,
    double Amount,
    DateOnly Day,
    string Reason,
    string? Who,
    double? Cost
);

/// <summary>What can come into stock.</summary>
public sealed record StockItemView(string Item, string Name, string Unit, double? Pack, string? PackSays);

/// <summary>One lot, and all that happened to it.</summary>
public sealed record LotHistoryView(LotView Lot, IReadOnlyList<LotMoveView> Moves);

/// <summary>What happened to a lot.</summary>
public sealed record LotMoveView(DateTimeOffset At, string Move, double Amount, string? Reason, string? Who);

/// <summary>What a standard lacks.</summary>
/// <param name="Build">The build.</param>
/// <param name="Item">What it lacks.</param>
/// <param name="Name">What the bar calls that.</param>
/// <param name="IsOver">Whether there is some, over date.</param>
/// <param name="Says">It, in words.</param>
public sealed record ShortView(string Build, string Item, string Name, bool IsOver, string Says);

/// <summary>What happened, to be written in the book.</summary>
/// <param name="Id">An id of the page's own.</param>
/// <param name="Move">made, bought, opened, used, thrown or counted.</param>
/// <param name="Lot">The lot; null for what came.</param>
/// <param name="Item">What came; null for a lot.</param>
/// <param name="Amount">How much came or was thrown away, or how much is there; of what is thrown away all of it where
/// it is missing.</param>
/// <param name="Packs">How many packs came; null where the amount is said.</param>
/// <param name="UseBy">The last day on which it may be used.</param>
/// <param name="Reason">Why.</param>
/// <param name="Who">Who.</param>
public sealed record StockRequest(
    string? Id,
    string? Move,
    string? Lot,
    string? Item,
    double? Amount,
    double? Packs,
    string? UseBy,
    string? Reason,
    string? Who
);
