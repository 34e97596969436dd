using System.Globalization;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Changing.Comparing;

/// <summary>Says in plain words how two builds, or two versions of one, differ.</summary>
public static class BuildDiff
{
    private const string None = "–";

    /// <summary>The differences: of the whole build first, then of what goes in, then size by size.</summary>
    /// <param name="before">The first.</param>
    /// <param name="was">The first, worked out with its bar.</param>
    /// <param name="after">The second.</param>
    /// <param name="now">The second, worked out with its bar.</param>
    public static IReadOnlyList<Difference> Between(BuildDocument before, BuildSheet was, BuildDocument after, BuildSheet now) =>
    [
        .. Whole(before, was, after, now).Where(difference => difference.Before != difference.After),
        .. Lines(before, was, after, now),
        .. Sizes(was, now),
    ];

    private static IEnumerable<Difference> Whole(BuildDocument before, BuildSheet was, BuildDocument after, BuildSheet now)
    {
        yield return new("Name", before.Name ?? "", after.Name ?? "");
        yield return new("Served", Choice.Word(was.Serve), Choice.Word(now.Serve));
        yield return new("Sizes", Names(was), Names(now));
        yield return new("Reference size", Reference(was), Reference(now));
        yield return new("Other sizes follow", was.School, now.School);
        yield return new("Reserve", $"{Say.Short(before.ReserveMm ?? 0)} mm", $"{Say.Short(after.ReserveMm ?? 0)} mm");
        yield return new("On the board", Season(before), Season(after));
        var order = Order(was);
        if (order.Order(StringComparer.Ordinal).SequenceEqual(Order(now).Order(StringComparer.Ordinal)))
        {
            yield return new("Pour order", string.Join(", ", order), string.Join(", ", Order(now)));
        }

        static string Names(BuildSheet sheet) => string.Join(", ", sheet.Sizes.Select(size => size.Name));
        static string Reference(BuildSheet sheet) => sheet.Sizes.First(size => size.IsReference).Name;
        static string Season(BuildDocument build) => build.Season is { } season ? $"{season.From} to {season.To}" : "all year";
        static List<string> Order(BuildSheet sheet) => [.. sheet.Sizes[0].Lines.Select(line => line.IngredientName)];
    }

    private static IEnumerable<Difference> Lines(BuildDocument before, BuildSheet was, BuildDocument after, BuildSheet now)
    {
        foreach (var line in before.Lines.Where(line => after.Lines.All(other => other.Id != line.Id)))
        {
            yield return new(NameOf(was, line), "in it", "not in it");
        }

        foreach (var line in after.Lines)
        {
            if (before.Lines.FirstOrDefault(other => other.Id == line.Id) is not { } old)
            {
                yield return new(NameOf(now, line), "not in it", "in it");
                continue;
            }

            foreach (var difference in new Difference[]
            {
                new($"{NameOf(was, line)}, what it is", NameOf(was, old), NameOf(now, line)),
                new($"{NameOf(now, line)}, how it goes in", How(old), How(line)),
                new($"{NameOf(now, line)}, how it scales", old.Scale?.By ?? "as the build", line.Scale?.By ?? "as the build"),
                new($"{NameOf(now, line)}, note", old.Note ?? None, line.Note ?? None),
            })
            {
                if (difference.Before != difference.After)
                {
                    yield return difference;
                }
            }
        }

        static string How(LineDocument line) => string.Join(", ", new[] { line.Technique ?? "pour", line.Foam }.OfType<string>());
    }

    private static IEnumerable<Difference> Sizes(BuildSheet was, BuildSheet now)
    {
        foreach (var size in now.Sizes)
        {
            if (was.Sizes.FirstOrDefault(other => other.Size == size.Size) is not { } old)
            {
                continue;
            }

            foreach (var line in size.Lines)
            {
                var before = old.Lines.FirstOrDefault(other => other.Line == line.Line);
                if (before is null || Math.Abs(before.Amount - line.Amount) > 1e-6 || before.Unit != line.Unit)
                {
                    yield return new($"{size.Name}, {line.IngredientName}", before is null ? None : Amount(before), Amount(line));
                }
                else if (Math.Abs(before.Mass.Value - line.Mass.Value) >= 0.1)
                {
                    yield return new($"{size.Name}, {line.IngredientName}", $"{Amount(before)} of {Say.Short(before.Mass.Value)} g", $"{Amount(line)} of {Say.Short(line.Mass.Value)} g");
                }
            }

            foreach (var (what, from, to, unit) in new[]
            {
                ("strength", old.Taste.Poured.Strength?.Value, size.Taste.Poured.Strength?.Value, "%"),
                ("sweetness", old.Taste.Poured.Sweetness?.Value, size.Taste.Poured.Sweetness?.Value, "g/100 g"),
                ("cost", old.Cost.Total?.Value, size.Cost.Total?.Value, now.Currency),
            })
            {
                var (before, after) = (Figure(from, unit), Figure(to, unit));
                if (before != after)
                {
                    yield return new($"{size.Name}, {what}", before, after);
                }
            }
        }
    }

    private static string Amount(SheetLine line) => $"{Say.Fine(line.Amount)} {line.Unit}";

    private static string Figure(double? value, string unit) =>
        value is { } known ? $"{known.ToString("0.00", CultureInfo.InvariantCulture)} {unit}".TrimEnd() : "not known";

    private static string NameOf(BuildSheet sheet, LineDocument line) =>
        sheet.Sizes[0].Lines.FirstOrDefault(cell => cell.Line.Value == line.Id)?.IngredientName ?? line.Ingredient ?? "";
}
