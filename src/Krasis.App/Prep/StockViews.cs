using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Stocking;
using Krasis.Store;
using Krasis.Store.Prep;

namespace Krasis.App.Prep;

/// <summary>Shows what is in stock.</summary>
public static class StockViews
{
    public const double Most = 10_000_000;
    public const int ThrownDays = 30;

    public static LotView View(Session session, Kitchen kitchen, string lot) =>
        View(session, kitchen, StockBook.Find(session, lot)!);

    public static LotView View(Session session, Kitchen kitchen, Lot lot) =>
        View(kitchen, lot, session.Prep.Lot(lot.Id)?.Who);

    private static LotView View(Kitchen kitchen, Lot lot, string? who)
    {
        var item = kitchen.Catalogue.GetValueOrDefault(lot.Item);
        var ingredient = lot.Item.Kind == ItemKind.Cup ? null : kitchen.Bar.Find(new IngredientId(lot.Item.Id));
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
            ingredient is null ? null : AllergenWords.Sentence(ingredient),
            who,
            item?.Price is { } price ? price * lot.Left : null
        );
    }

    public static StockView View(Session session, Kitchen kitchen)
    {
        var makers = session.Prep.LotsInStock().ToDictionary(balance => balance.Lot, balance => balance.Who);
        var thrown = session
            .Prep.ThrownSince(Kitchen.Written(kitchen.Today.AddDays(1 - ThrownDays)))
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
            [.. kitchen.Lots.Select(lot => View(kitchen, lot, makers.GetValueOrDefault(lot.Id)))],
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

    public static LotRow? Came(
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

        var last = useBy ?? (move == LotMove.Made ? UseByDate.OfMade(kitchen.Today, known.Keeps, []) : null);
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

    public static LotRow? Happened(
        Session session,
        Kitchen kitchen,
        StockRequest request,
        LotMove move,
        DateOnly? useBy,
        string? reason,
        FieldReader fields
    )
    {
        if (StockBook.Find(session, request.Lot) is not { } lot)
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
                var last = UseByDate.OfOpened(kitchen.Today, (int?)days, useBy);
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

    public static IReadOnlyList<ShortView> Short(Session session, Kitchen kitchen) =>
        [
            .. Shortage
                .Of(
                    session.Prep.ItemsInBook().Select(item => Item.Find(item)!.Value).ToHashSet(),
                    kitchen.Lots,
                    kitchen.Needs.Where(need => kitchen.Board.Has(need.Key.Build, kitchen.Today)),
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
