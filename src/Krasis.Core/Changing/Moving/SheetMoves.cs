using System.Globalization;
using Krasis.Core.Judging;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Changing.Moving;

/// <summary>Compares two sheets of one build.</summary>
public static class SheetMoves
{
    /// <summary>The sizes in which something moves that a lead could see: a poured amount at all, a tenth of a gram or of a
    /// millimetre, a thousandth of a taste.</summary>
    public static IReadOnlyList<MovedSize> Between(BuildSheet before, BuildSheet after)
    {
        var moved = new List<MovedSize>();
        foreach (var size in after.Sizes)
        {
            if (before.Sizes.FirstOrDefault(other => other.Size == size.Size) is not { } was)
            {
                continue;
            }

            var moves = Moves(was, size, after.Currency).OrderByDescending(move => move.IsPoured).ToList();
            var findings = Findings(after, size);
            var earlier = Findings(before, was);
            var entry = new MovedSize(
                size.Size,
                size.Name,
                moves,
                [.. findings.Where(finding => !earlier.ContainsKey(finding.Key)).Select(finding => finding.Value)],
                [.. earlier.Where(finding => !findings.ContainsKey(finding.Key)).Select(finding => finding.Value)]);
            if (moves.Count + entry.NewFindings.Count + entry.MendedFindings.Count > 0)
            {
                moved.Add(entry);
            }
        }

        return moved;
    }

    // A finding whose numbers have moved is the same finding.
    private static Dictionary<(string, string?), string> Findings(BuildSheet sheet, SizeSheet size) => sheet.Findings
        .Where(finding => finding.Size == size.Size)
        .GroupBy(finding => (finding.Check, finding.Line?.Value))
        .ToDictionary(group => group.Key, group => group.First().Message);

    private static IEnumerable<Move> Moves(SizeSheet was, SizeSheet now, string currency)
    {
        foreach (var (old, line) in was.Lines.Zip(now.Lines))
        {
            if (Math.Abs(line.Amount - old.Amount) > 1e-6 || line.Unit != old.Unit)
            {
                yield return new Move(line.IngredientName, $"{Say(old.Amount, 2)} {old.Unit}", $"{Say(line.Amount, 2)} {line.Unit}", $"{Signed(line.Amount - old.Amount, 2)}", true);
            }
            else if (Differ(old.Mass.Value, line.Mass.Value, 0.1))
            {
                yield return new Move(
                    line.IngredientName, $"{Say(old.Mass.Value, 1)} g", $"{Say(line.Mass.Value, 1)} g", $"{Signed(line.Mass.Value - old.Mass.Value, 1)} g in {Say(line.Amount, 2)} {line.Unit}", false);
            }
        }

        if (Of("filled to", was.Fill.FillHeight.Value, now.Fill.FillHeight.Value, 0.1, "mm", 1) is { } fill)
        {
            yield return fill;
        }

        if (Of("room left", was.Fill.RoomLeft.Value, now.Fill.RoomLeft.Value, 0.1, "ml", 1) is { } room)
        {
            yield return room;
        }

        foreach (var taste in new[] { Taste("strength", was.Taste.Poured.Strength?.Value, now.Taste.Poured.Strength?.Value, "%"), Taste("sweetness", was.Taste.Poured.Sweetness?.Value, now.Taste.Poured.Sweetness?.Value, "g/100 g"), Ratio(was.Taste.Poured.MilkPerCoffee, now.Taste.Poured.MilkPerCoffee) })
        {
            if (taste is not null)
            {
                yield return taste;
            }
        }

        if (Of("melted at hand-over", was.Life.Moments[0].Melt.Value, now.Life.Moments[0].Melt.Value, 0.1, "g", 1) is { } melt)
        {
            yield return melt;
        }

        if (was.Life.Moments.Count == now.Life.Moments.Count && Of($"after {Say(now.Life.Moments[^1].After.Value, 0)} min", was.Life.Moments[^1].Temperature.Value, now.Life.Moments[^1].Temperature.Value, 0.1, "°C", 1) is { } heat)
        {
            yield return heat;
        }

        foreach (var known in new[]
        {
            Of("energy", was.Inside.Nutrition.Energy?.Value, now.Inside.Nutrition.Energy?.Value, 1, "kcal", 0),
            Of("caffeine", was.Inside.Nutrition.Caffeine?.Value, now.Inside.Nutrition.Caffeine?.Value, 1, "mg", 0),
            Of("cost", was.Cost.Total?.Value, now.Cost.Total?.Value, 0.005, currency, 2),
        })
        {
            if (known is not null)
            {
                yield return known;
            }
        }

        var (had, has) = (Allergens(was), Allergens(now));
        if (had != has)
        {
            yield return new Move("allergens", had, has, "", false);
        }
    }

    private static string Allergens(SizeSheet size) =>
        size.Inside.Allergens.Found.Count + size.Inside.Allergens.Unknown.Count == 0
            ? "none known"
            : string.Join(", ", size.Inside.Allergens.Found.Select(found => found.IsTrace ? $"traces of {found.Name}" : found.Name).Concat(size.Inside.Allergens.Unknown.Select(name => $"{name} not known")));

    private static Move? Taste(string what, double? was, double? now, string unit) => (was, now) switch
    {
        ({ } old, { } @new) => old > 1e-6 && Math.Abs((@new / old) - 1) >= 0.001
            ? new Move(what, Figure(old, 2, unit), Figure(@new, 2, unit), $"{Signed(((@new / old) - 1) * 100, 1)} %", false)
            : null,
        _ => Known(what, was, now, unit, 2),
    };

    // The page says it to one decimal.
    private static Move? Ratio(double? was, double? now)
    {
        var (had, has) = (To(was), To(now));
        return had == has ? null : new Move("coffee to milk", had, has, was is { } old && now is { } @new ? Signed(@new - old, 1) : "", false);

        static string To(double? parts) => parts is { } known ? $"1 : {Say(known, 1)}" : "no ratio";
    }

    private static Move? Of(string what, double? was, double? now, double least, string unit, int digits) => (was, now) switch
    {
        ({ } old, { } @new) => Differ(old, @new, least) ? new Move(what, Figure(old, digits, unit), Figure(@new, digits, unit), $"{Signed(@new - old, digits)} {unit}".TrimEnd(), false) : null,
        _ => Known(what, was, now, unit, digits),
    };

    private static Move? Known(string what, double? was, double? now, string unit, int digits) => was == now
        ? null
        : new Move(what, was is { } old ? Figure(old, digits, unit) : "not known", now is { } @new ? Figure(@new, digits, unit) : "not known", "", false);

    private static bool Differ(double was, double now, double least) => Math.Abs(now - was) >= least - 1e-9;

    // A house that has not said its currency has none to show.
    private static string Figure(double value, int digits, string unit) => $"{Say(value, digits)} {unit}".TrimEnd();

    private static string Say(double value, int digits) => Math.Round(value, digits, MidpointRounding.AwayFromZero).ToString("0.##", CultureInfo.InvariantCulture);

    private static string Signed(double value, int digits) => $"{(value < 0 ? "−" : "+")}{Say(Math.Abs(value), digits)}";
}
