using System.Globalization;
using Krasis.Core.Planning.Buying;
using Krasis.Core.Planning.Needing;
using Krasis.Exchange.Sheets;

namespace Krasis.Exchange.Prep;

/// <summary>What is to be ordered, as a table. The format is described in docs/formats.md.</summary>
public static class OrderSheet
{
    private static readonly string[] Head =
    [
        "what",
        "pack",
        "packs",
        "cost",
        "order_by",
        "needed",
        "in_stock",
        "par",
        "unit",
    ];

    /// <summary>The table of rows of an order.</summary>
    public static Sheet Of(IEnumerable<OrderRow> rows) =>
        new(
            "order",
            Head,
            [
                .. rows.Select(row =>
                    (IReadOnlyList<object?>)
                        [
                            row.Name,
                            row.PackSays,
                            row.Packs,
                            row.Cost is { } cost ? Math.Round(cost, 2) : null,
                            row.OrderBy?.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
                            Math.Round(row.Needed, 1),
                            Math.Round(row.InStock, 1),
                            Math.Round(row.Par, 1),
                            row.Item.Kind == ItemKind.Cup ? "cups" : "g",
                        ]
                ),
            ]
        );
}
