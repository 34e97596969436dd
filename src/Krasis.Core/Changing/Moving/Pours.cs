using Krasis.Core.Bar.House;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Changing.Moving;

/// <summary>A standard side by side: as it was published, as the bar pours it now, and as it would pour
/// adjusted.</summary>
/// <param name="Sizes">Size by size.</param>
/// <param name="PoursAsItDid">Whether the adjusted one tastes and fills its cups as the published one did, as far as
/// the house lets sizes of one drink differ.</param>
/// <param name="Says">What adjusting comes to, in a sentence.</param>
public sealed record Pours(IReadOnlyList<PourSize> Sizes, bool PoursAsItDid, string Says)
{
    /// <summary>Lays the sheets side by side.</summary>
    /// <param name="published">The standard, worked out with the facts of its day.</param>
    /// <param name="now">The same with today's.</param>
    /// <param name="adjusted">What was adjusted, with today's; null when nothing would bring it nearer.</param>
    /// <param name="house">How far apart what is sold as one drink may be.</param>
    public static Pours Of(BuildSheet published, BuildSheet now, BuildSheet? adjusted, HouseRules house)
    {
        var farthest = adjusted is null ? null : Farthest(published, adjusted, house);
        var left = (adjusted is null ? [] : SheetMoves.Between(published, adjusted)).ToDictionary(
            size => size.Size,
            size => size.NewFindings
        );
        var come = SheetMoves.Between(published, now).ToDictionary(size => size.Size, size => size.NewFindings);
        return new Pours(
            [
                .. now
                    .Sizes.Where(size => Of(published, size) is not null)
                    .Select(size => new PourSize(
                        size.Size,
                        size.Name,
                        Rows(Of(published, size)!, size, adjusted is null ? null : Of(adjusted, size)),
                        come.GetValueOrDefault(size.Size) ?? [],
                        left.GetValueOrDefault(size.Size) ?? []
                    )),
            ],
            adjusted is not null && farthest is null,
            (adjusted, farthest) switch
            {
                (null, _) => "No other amount that the bar pours comes nearer to what was published.",
                (_, null) => "Adjusted, it tastes and fills its cups as it did, within what the house allows.",
                (_, { } far) => $"Adjusted, it comes nearer, but does not pour as it did: {far}.",
            }
        );
    }

    private static SizeSheet? Of(BuildSheet sheet, SizeSheet size) =>
        sheet.Sizes.FirstOrDefault(other => other.Size == size.Size);

    // What is farthest beyond what the house allows; null when nothing is.
    private static string? Farthest(BuildSheet published, BuildSheet adjusted, HouseRules house)
    {
        var beyond = adjusted
            .Sizes.SelectMany(size =>
                Of(published, size) is { } was
                    ? new[]
                    {
                        Beyond(
                            size,
                            "weaker",
                            "stronger",
                            was.Taste.Poured.Strength?.Value,
                            size.Taste.Poured.Strength?.Value,
                            house.AllowedStrengthDrift
                        ),
                        Beyond(
                            size,
                            "less sweet",
                            "sweeter",
                            was.Taste.Poured.Sweetness?.Value,
                            size.Taste.Poured.Sweetness?.Value,
                            house.AllowedSweetnessDrift
                        ),
                        // The house says nothing of how full; a size so much fuller is so much weaker.
                        Beyond(
                            size,
                            "less full",
                            "fuller",
                            was.Fill.OccupiedVolume.Value,
                            size.Fill.OccupiedVolume.Value,
                            house.AllowedStrengthDrift
                        ),
                    }
                    : []
            )
            .OfType<(double Over, string Says)>()
            .ToList();
        return beyond.Count == 0 ? null : beyond.MaxBy(one => one.Over).Says;
    }

    private static (double Over, string Says)? Beyond(
        SizeSheet size,
        string less,
        string more,
        double? was,
        double? now,
        Percent allowed
    )
    {
        if (was is not { } old || now is not { } @new)
        {
            // What is not known of both cannot be said to be as it was; what was known and is not any more neither.
            return was is null && now is null
                ? null
                : (double.MaxValue, $"{size.Name} cannot be compared, because not everything in it is known");
        }

        var drift =
            old > 1e-6 ? ((@new / old) - 1) * 100
            : @new > 1e-6 ? 100
            : 0;
        return Math.Abs(drift) > allowed.Value + 1e-9
            ? (
                Math.Abs(drift) / allowed.Value,
                $"{size.Name} is {Say.Whole(Math.Abs(drift))} % {(drift < 0 ? less : more)}, and the house allows {Say.Short(allowed.Value)} %"
            )
            : null;
    }

    private static List<PourComparison> Rows(SizeSheet published, SizeSheet now, SizeSheet? adjusted)
    {
        var rows = new List<PourComparison>();
        foreach (var line in now.Lines)
        {
            if (published.Lines.FirstOrDefault(other => other.Line == line.Line) is { } was)
            {
                var will = adjusted?.Lines.FirstOrDefault(other => other.Line == line.Line);
                rows.Add(
                    new PourComparison(
                        line.IngredientName,
                        Amount(was),
                        Amount(line),
                        will is null ? null : Amount(will),
                        Differs(was, line),
                        will is not null && Differs(was, will)
                    )
                );
            }
        }

        Figure("strength", size => size.Taste.Poured.Strength?.Value, "%", 2);
        Figure("sweetness", size => size.Taste.Poured.Sweetness?.Value, "g/100 g", 1);
        Figure("filled to", size => size.Fill.FillHeight.Value, "mm", 0);
        Figure("room left", size => size.Fill.RoomLeft.Value, "ml", 0);
        return rows;

        void Figure(string what, Func<SizeSheet, double?> of, string unit, int digits)
        {
            var (was, current, will) = (Say(published), Say(now), adjusted is null ? null : Say(adjusted));
            rows.Add(new PourComparison(what, was, current, will, current != was, will is not null && will != was));

            string Say(SizeSheet size) =>
                of(size) is { } value ? $"{Quantities.Say.Fixed(value, digits)} {unit}" : "not known";
        }
    }

    private static string Amount(SheetLine line) =>
        line.Unit == "g"
            ? $"{Say.Fine(line.Amount)} g"
            : $"{Say.Fine(line.Amount)} {line.Unit}, {Say.Short(line.Mass.Value)} g";

    // A tenth of a gram is what a bar's scale shows.
    private static bool Differs(SheetLine was, SheetLine now) =>
        Math.Abs(was.Mass.Value - now.Mass.Value) >= 0.1
        || was.Unit != now.Unit
        || Math.Abs(was.Amount - now.Amount) > 1e-6;
}
