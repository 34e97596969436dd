using Krasis.Exchange.Sheets;

namespace Krasis.Exchange.Tasting;

/// <summary>The answers of tastings, as a table. The format is described in docs/formats.md.</summary>
public static class AnswersSheet
{
    private static readonly string[] Head =
    [
        "taster",
        "answered",
        "simulated",
        "counted",
        "place",
        "code",
        "sample",
        "liking",
    ];
    private static readonly string[] Tail = ["rank", "chosen", "right", "comment"];

    /// <summary>The table of a tasting's answers.</summary>
    public static Sheet Of(IReadOnlyList<AnswerRow> answers) => Of([(null, answers)]);

    /// <summary>The table of all answers, with the tasting that each is of.</summary>
    public static Sheet OfAll(IReadOnlyList<(string? Tasting, IReadOnlyList<AnswerRow> Answers)> tastings) =>
        Of(tastings, isNamed: true);

    // A scale has a column of its own, whichever tasting asked it.
    private static Sheet Of(
        IReadOnlyList<(string? Tasting, IReadOnlyList<AnswerRow> Answers)> tastings,
        bool isNamed = false
    )
    {
        var scales = tastings
            .SelectMany(tasting => tasting.Answers.SelectMany(row => row.Scales.Select(scale => scale.Scale)))
            .Distinct()
            .ToList();
        return new Sheet(
            "tastings",
            [.. isNamed ? ["tasting"] : Array.Empty<string>(), .. Head, .. scales, .. Tail],
            [
                .. tastings.SelectMany(tasting =>
                    tasting.Answers.Select(row =>
                        (IReadOnlyList<object?>)
                            [
                                .. isNamed ? [tasting.Tasting] : Array.Empty<object?>(),
                                row.Taster,
                                row.AnsweredAt,
                                row.IsSimulated,
                                row.IsCounted,
                                row.Place,
                                row.Code,
                                row.Sample,
                                row.Liking,
                                .. scales.Select(scale =>
                                    (object?)row.Scales.FirstOrDefault(said => said.Scale == scale)?.Said
                                ),
                                row.Rank,
                                row.IsChosen,
                                row.IsRight,
                                row.Comment,
                            ]
                    )
                ),
            ]
        );
    }
}
