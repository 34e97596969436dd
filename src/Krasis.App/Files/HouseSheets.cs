using Krasis.App.Builds;
using Krasis.App.Making;
using Krasis.App.Prep;
using Krasis.App.Shared;
using Krasis.App.Tastings;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Working.SizeSheets;
using Krasis.Exchange.Sheets;
using Krasis.Exchange.Tasting;
using Krasis.Store;
using Krasis.Store.Builds;
using Krasis.Store.Standards;

namespace Krasis.App.Files;

/// <summary>What the house knows, as tables for a spreadsheet.</summary>
/// <param name="library">The builds.</param>
/// <param name="standards">What standards need.</param>
/// <param name="clock">Tells when it is.</param>
public sealed class HouseSheets(Library library, StandardNeeds standards, TimeProvider clock)
{
    /// <summary>The tables, by what they are called: the board's allergens and nutrition, and all the rest.</summary>
    public static IReadOnlyList<SheetName> Names { get; } =
    [
        new("builds", "Builds: every line in every cup"),
        new("sizes", "Sizes: how full, how strong, how sweet, how far off"),
        new("board", "The board: allergens and nutrition of every drink that is on it"),
        new("costs", "Costs: what every size costs and is sold for"),
        new("needs", "Prep: what is needed, and what is there"),
        new("pours", "What was poured"),
        new("tastings", "What tasters have answered"),
        .. BarKinds.All.Select(kind => new SheetName($"bar-{kind.Name.ToLowerInvariant()}", $"The bar: {kind.Name}")),
    ];

    /// <summary>A table.</summary>
    /// <returns>It, or null where there is none that is called so.</returns>
    public Sheet? Of(Session session, string name) =>
        name switch
        {
            "builds" => Builds(session),
            "sizes" => Sizes(session),
            "board" => BoardSheet(session),
            "costs" => Costs(session),
            "needs" => Needs(session),
            "pours" => PourLog.Sheet(session.Makes.Pours(DateTimeOffset.UnixEpoch, int.MaxValue), clock),
            "tastings" => AnswersSheet.OfAll([
                .. session
                    .Tastings.List()
                    .Select(tasting =>
                        ((string?)Tasted.Of(tasting).Document.Name, TastingViews.Answers(session, tasting))
                    ),
            ]),
            _ when BarKinds.All.FirstOrDefault(kind => name == $"bar-{kind.Name.ToLowerInvariant()}") is { } kind =>
                Facts(session, kind, name),
            _ => null,
        };

    private static Sheet Facts(Session session, BarKind kind, string name)
    {
        var reading = new Reading(session.Bar.Whole(), name);
        kind.Accept(reading);
        return reading.Sheet!;
    }

    private IEnumerable<(StoredBuild Stored, BuildSheet Sheet)> Mixed(Session session, BarFacts bar) =>
        from stored in library.Documents(session)
        let build = BuildReader.Read(stored.Document, bar, nameless: true)
        where build.IsRead
        select (stored, Mixer.Mix(build.Value, bar, clock.Today()));

    private Sheet Builds(Session session)
    {
        var bar = session.Bar.Facts();
        var cups = bar.Cups.Select(cup => cup.Name).ToList();
        var rows = Mixed(session, bar)
            .SelectMany(one =>
                one.Sheet.Sizes[0]
                    .Lines.Select(
                        (line, i) =>
                            (IReadOnlyList<object?>)
                                [
                                    one.Stored.Document.Name,
                                    BuildLife.Say(one.Stored.State),
                                    (double)(i + 1),
                                    line.IngredientName,
                                    one.Stored.Document.Lines[i].Technique ?? Techniques.Of(Techniques.WhereNoneIsSaid),
                                    line.Measure,
                                    one.Stored.Document.Lines[i].To,
                                    .. bar.Cups.Select(cup =>
                                        one.Sheet.Sizes.FirstOrDefault(size => size.Size == cup.Id) is { } size
                                            ? (object?)Round(size.Lines[i].Amount, 3)
                                            : null
                                    ),
                                    one.Stored.Document.Lines[i].Note,
                                ]
                    )
            );
        return new Sheet(
            "builds",
            ["build", "state", "line", "what", "how", "measure", "to", .. cups, "why"],
            [.. rows]
        );
    }

    private Sheet Sizes(Session session) =>
        new(
            "sizes",
            [
                "build",
                "state",
                "size",
                "reference",
                "ml",
                "room_ml",
                "strength_percent",
                "sweetness_g_per_100g",
                "strength_off_percent",
                "sweetness_off_percent",
                "faults",
                "warnings",
            ],
            [
                .. Mixed(session, session.Bar.Facts())
                    .SelectMany(one =>
                        one.Sheet.Sizes.Select(size =>
                            (IReadOnlyList<object?>)
                                [
                                    one.Stored.Document.Name,
                                    BuildLife.Say(one.Stored.State),
                                    size.Name,
                                    size.IsReference,
                                    Round(size.Fill.OccupiedVolume.Value, 1),
                                    Round(size.Fill.RoomLeft.Value, 1),
                                    Round(size.Taste.Poured.Strength?.Value, 3),
                                    Round(size.Taste.Poured.Sweetness?.Value, 2),
                                    Round(size.Taste.Drift.Strength?.Value, 1),
                                    Round(size.Taste.Drift.Sweetness?.Value, 1),
                                    (double)Count(one.Sheet, size, Severity.Fault),
                                    (double)Count(one.Sheet, size, Severity.Warning),
                                ]
                        )
                    ),
            ]
        );

    private Sheet Costs(Session session)
    {
        var bar = session.Bar.Facts();
        return new Sheet(
            "costs",
            [
                "build",
                "state",
                "size",
                "ingredients",
                "of_it_poured_away",
                "cup",
                "total",
                "price",
                "share_percent",
                "currency",
                "not_known",
            ],
            [
                .. Mixed(session, bar)
                    .SelectMany(one =>
                        one.Sheet.Sizes.Select(size =>
                            (IReadOnlyList<object?>)
                                [
                                    one.Stored.Document.Name,
                                    BuildLife.Say(one.Stored.State),
                                    size.Name,
                                    Round(size.Cost.Ingredients?.Value, 3),
                                    Round(size.Cost.Wasted?.Value, 3),
                                    Round(size.Cost.Cup?.Value, 3),
                                    Round(size.Cost.Total?.Value, 3),
                                    Round(size.Cost.Price?.Value, 2),
                                    Round(size.Cost.ShareOfPrice?.Value, 1),
                                    bar.House.Currency,
                                    size.Cost.Unknown.Count == 0
                                        ? null
                                        : string.Join(", ", size.Cost.Unknown.Distinct()),
                                ]
                        )
                    ),
            ]
        );
    }

    // An unread label is written as "not known", because an empty cell would look like "no allergens".
    private Sheet BoardSheet(Session session)
    {
        var today = clock.Today();
        var rows = OnTheBoard
            .Of(library.Standards(session), today)
            .SelectMany(drink => drink.Sheet.Sizes.Select(size => Row(drink.Stored, size)));
        return new Sheet(
            "board",
            [
                "drink",
                "standard",
                "size",
                "energy_kj",
                "energy_kcal",
                "fat_g",
                "saturates_g",
                "carbohydrate_g",
                "sugars_g",
                "protein_g",
                "salt_g",
                "caffeine_from_mg",
                "caffeine_to_mg",
                .. AllergenLists.EuFourteen.Select(AllergenLists.Say),
                "other_allergens",
                "not_read",
            ],
            [.. rows]
        );

        static IReadOnlyList<object?> Row(StoredStandard standard, SizeSheet size)
        {
            var (facts, allergens) = (size.Inside.Nutrition, size.Inside.Allergens);
            return
            [
                standard.Document.Name,
                (double)standard.Number,
                size.Name,
                Round(facts.EnergyKj?.Value, 0),
                Round(facts.Energy?.Value, 0),
                Round(facts.Fat?.Value, 1),
                Round(facts.Saturates?.Value, 1),
                Round(facts.Carbohydrate?.Value, 1),
                Round(facts.Sugars?.Value, 1),
                Round(facts.Protein?.Value, 1),
                Round(facts.Salt?.Value, 2),
                Round(facts.CaffeineFrom?.Value, 0),
                Round(facts.CaffeineTo?.Value, 0),
                .. AllergenLists.EuFourteen.Select(allergen =>
                    (object?)Said(
                        allergens.Found.FirstOrDefault(found => found.Allergen == allergen),
                        allergens.Unknown.Count > 0
                    )
                ),
                string.Join(
                    "; ",
                    allergens
                        .Found.Where(found => !AllergenLists.EuFourteen.Contains(found.Allergen))
                        .Select(found => $"{(found.IsTrace ? "may contain " : "")}{found.Name}")
                )
                    is { Length: > 0 } other
                    ? other
                    : null,
                allergens.Unknown.Count == 0 ? null : string.Join(", ", allergens.Unknown),
            ];
        }

        static string Said(Core.Working.Nutrition.AllergenTrace? found, bool isUnread) =>
            found is null
                ? isUnread
                    ? "not known"
                    : "on no label"
                : found.IsTrace
                    ? "may contain"
                    : "contains";
    }

    private Sheet Needs(Session session)
    {
        var plan = PlanViews.View(session, standards, clock);
        return new Sheet(
            "needs",
            [
                "what",
                "unit",
                "is_made",
                "expected",
                "to_last",
                "in_stock",
                .. plan.Days.Select(day =>
                    day.Day.ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture)
                ),
            ],
            [
                .. plan.Needs.Select(need =>
                    (IReadOnlyList<object?>)
                        [
                            need.Name,
                            need.Unit,
                            need.IsMade,
                            Round(need.Mean, 1),
                            Round(need.Lasting, 1),
                            Round(need.InStock, 1),
                            .. plan.Days.Select((_, day) => (object?)Round(need.Days.ElementAtOrDefault(day), 1)),
                        ]
                ),
            ]
        );
    }

    private static int Count(BuildSheet sheet, SizeSheet size, Severity severity) =>
        sheet.Findings.Count(finding =>
            finding.Size == size.Size && finding.Severity == severity && finding.Waived is null
        );

    private static double? Round(double? number, int digits) =>
        number is { } known && double.IsFinite(known) ? Math.Round(known, digits, MidpointRounding.AwayFromZero) : null;

    private sealed class Reading(BarDocument bar, string name) : IBarKindVisitor
    {
        public Sheet? Sheet { get; private set; }

        public void Visit<TDocument, TMeasured>(BarKind<TDocument, TMeasured> kind)
            where TDocument : class
            where TMeasured : class => Sheet = FactSheet.Of(name, kind.From(bar));
    }
}

/// <summary>A table that can be had.</summary>
/// <param name="Name">By what it is asked for.</param>
/// <param name="Says">What is in it.</param>
public sealed record SheetName(string Name, string Says);
