using Krasis.Exchange.Sheets;

namespace Krasis.Exchange.Pouring;

/// <summary>What was poured, as a table. The format is described in docs/formats.md.</summary>
public static class PouredSheet
{
    private static readonly string[] Head =
    [
        "started",
        "station",
        "who",
        "what",
        "dispenser",
        "recipe",
        "target_g",
        "poured_g",
        "off_percent",
        "seconds",
        "celsius",
        "is_right",
    ];

    /// <summary>The table of pours.</summary>
    public static Sheet Of(IEnumerable<PouredRow> pours) =>
        new(
            "pours",
            Head,
            [
                .. pours.Select(row =>
                    (IReadOnlyList<object?>)
                        [
                            row.StartedAt,
                            row.Pour.Station,
                            row.Pour.Who,
                            row.Pour.What,
                            row.Pour.Dispenser,
                            row.Pour.Recipe,
                            Rounded(row.Pour.Target.Value),
                            Rounded(row.Pour.Grams.Value),
                            Rounded(row.Pour.Off?.Value),
                            Rounded(row.Pour.Seconds),
                            Rounded(row.Temperature?.Value),
                            row.IsRight,
                        ]
                ),
            ]
        );

    private static double? Rounded(double? number) =>
        number is { } known ? Math.Round(known, 2, MidpointRounding.AwayFromZero) : null;
}
