using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Moving;

/// <summary>Compares two sheets of one build.</summary>
public static class SheetMoves
{
    /// <summary>The sizes in which something moves that a lead could see: a poured amount at all, a tenth of a gram or
    /// of a millimetre, a thousandth of a taste.</summary>
    public static IReadOnlyList<MovedSize> Between(BuildSheet before, BuildSheet after) =>
        Between(SheetFigures.Of(before), SheetFigures.Of(after));

    /// <inheritdoc cref="Between(BuildSheet, BuildSheet)"/>
    public static IReadOnlyList<MovedSize> Between(SheetFigures before, SheetFigures after)
    {
        var moved = new List<MovedSize>();
        foreach (var size in after.Sizes)
        {
            if (before.Sizes.FirstOrDefault(other => other.Size == size.Size) is not { } was)
            {
                continue;
            }

            var moves = Moves(was, size, after.Currency).OrderByDescending(move => move.IsPoured).ToList();
            var entry = new MovedSize(size.Size, size.Name, moves, OnlyIn(size, was), OnlyIn(was, size));
            if (moves.Count + entry.NewFindings.Count + entry.MendedFindings.Count > 0)
            {
                moved.Add(entry);
            }
        }

        return moved;
    }

    private static IReadOnlyList<string> OnlyIn(SizeFigures one, SizeFigures other) =>
        one.Findings.Count == 0
            ? []
            :
            [
                .. one
                    .Findings.Where(finding => !other.Findings.ContainsKey(finding.Key))
                    .Select(finding => finding.Value),
            ];

    private static IEnumerable<Move> Moves(SizeFigures was, SizeFigures now, string currency)
    {
        foreach (var (old, line) in was.Lines.Zip(now.Lines))
        {
            if (Math.Abs(line.Amount - old.Amount) > 1e-6 || line.Unit != old.Unit)
            {
                yield return new Move(
                    line.Name,
                    $"{Rounded(old.Amount, 2)} {old.Unit}",
                    $"{Rounded(line.Amount, 2)} {line.Unit}",
                    $"{Signed(line.Amount - old.Amount, 2)}",
                    true
                );
            }
            else if (Differ(old.Grams, line.Grams, 0.1))
            {
                yield return new Move(
                    line.Name,
                    $"{Rounded(old.Grams, 1)} g",
                    $"{Rounded(line.Grams, 1)} g",
                    $"{Signed(line.Grams - old.Grams, 1)} g in {Rounded(line.Amount, 2)} {line.Unit}",
                    false
                );
            }
        }

        foreach (
            var figure in new[]
            {
                Of("filled to", was.FillHeight, now.FillHeight, 0.1, "mm", 1),
                Of("room left", was.RoomLeft, now.RoomLeft, 0.1, "ml", 1),
                Taste("strength", was.Strength, now.Strength, "%"),
                Taste("sweetness", was.Sweetness, now.Sweetness, "g/100 g"),
                Ratio(was.MilkPerCoffee, now.MilkPerCoffee),
                Of("melted at hand-over", was.MeltAtHandOver, now.MeltAtHandOver, 0.1, "g", 1),
                was.Moments == now.Moments && Differ(was.LastTemperature, now.LastTemperature, 0.1)
                    ? Of(
                        $"after {Rounded(now.LastAfter, 0)} min",
                        was.LastTemperature,
                        now.LastTemperature,
                        0.1,
                        "°C",
                        1
                    )
                    : null,
                Of("energy", was.Energy, now.Energy, 1, "kcal", 0),
                Of("caffeine", was.Caffeine, now.Caffeine, 1, "mg", 0),
                Of("cost", was.Cost, now.Cost, 0.005, currency, 2),
                was.Allergens == now.Allergens ? null : new Move("allergens", was.Allergens, now.Allergens, "", false),
            }
        )
        {
            if (figure is not null)
            {
                yield return figure;
            }
        }
    }

    private static Move? Taste(string what, double? was, double? now, string unit) =>
        (was, now) switch
        {
            ({ } old, { } @new) => old > 1e-6 && Math.Abs((@new / old) - 1) >= 0.001
                ? new Move(
                    what,
                    Figure(old, 2, unit),
                    Figure(@new, 2, unit),
                    $"{Signed(((@new / old) - 1) * 100, 1)} %",
                    false
                )
                : null,
            _ => Known(what, was, now, unit, 2),
        };

    // The page says it to one decimal.
    private static Move? Ratio(double? was, double? now)
    {
        if (was == now)
        {
            return null;
        }

        var (had, has) = (To(was), To(now));
        return had == has
            ? null
            : new Move(
                "coffee to milk",
                had,
                has,
                was is { } old && now is { } @new ? Signed(@new - old, 1) : "",
                false
            );

        static string To(double? parts) => parts is { } known ? $"1 : {Rounded(known, 1)}" : "no ratio";
    }

    private static Move? Of(string what, double? was, double? now, double least, string unit, int digits) =>
        (was, now) switch
        {
            ({ } old, { } @new) => Differ(old, @new, least)
                ? new Move(
                    what,
                    Figure(old, digits, unit),
                    Figure(@new, digits, unit),
                    $"{Signed(@new - old, digits)} {unit}".TrimEnd(),
                    false
                )
                : null,
            _ => Known(what, was, now, unit, digits),
        };

    private static Move? Known(string what, double? was, double? now, string unit, int digits) =>
        was == now
            ? null
            : new Move(
                what,
                was is { } old ? Figure(old, digits, unit) : "not known",
                now is { } @new ? Figure(@new, digits, unit) : "not known",
                "",
                false
            );

    private static bool Differ(double was, double now, double least) => Math.Abs(now - was) >= least - 1e-9;

    // A house that has not said its currency has none to show.
    private static string Figure(double value, int digits, string unit) => $"{Rounded(value, digits)} {unit}".TrimEnd();

    private static string Rounded(double value, int digits) =>
        Say.Fine(Math.Round(value, digits, MidpointRounding.AwayFromZero));

    private static string Signed(double value, int digits) =>
        $"{(value < 0 ? "−" : "+")}{Rounded(Math.Abs(value), digits)}";
}
