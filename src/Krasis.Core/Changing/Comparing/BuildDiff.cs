using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Changing.Comparing;

/// <summary>Says in plain words how two builds, or two versions of one, differ.</summary>
public static class BuildDiff
{
    /// <summary>The differences: of the whole build first, then of what goes in, then size by size.</summary>
    /// <param name="before">The first.</param>
    /// <param name="was">The first, worked out with its bar.</param>
    /// <param name="after">The second.</param>
    /// <param name="now">The second, worked out with its bar.</param>
    /// <param name="bar">The bar, for the names of what only a code stands for in a document.</param>
    public static IReadOnlyList<Difference> Between(
        BuildDocument before,
        BuildSheet was,
        BuildDocument after,
        BuildSheet now,
        BarFacts bar
    ) =>
        [
            .. Whole(before, was, after, now, new BuildWords(bar))
                .Where(difference => difference.Before != difference.After),
            .. Lines(before, was, after, now, new BuildWords(bar)),
            .. Sizes(was, now),
        ];

    private static IEnumerable<Difference> Whole(
        BuildDocument before,
        BuildSheet was,
        BuildDocument after,
        BuildSheet now,
        BuildWords words
    )
    {
        yield return new("Name", before.Name ?? "", after.Name ?? "");
        yield return new("Served", Choice.Word(was.Serve), Choice.Word(now.Serve));
        yield return new("Sizes", Names(was), Names(now));
        yield return new("Reference size", Reference(was), Reference(now));
        yield return new("Other sizes follow", BuildWords.School(before.School), BuildWords.School(after.School));
        yield return new(
            "Reserve",
            BuildWords.Millimetres(before.ReserveMm ?? 0),
            BuildWords.Millimetres(after.ReserveMm ?? 0)
        );
        yield return new("On the board", BuildWords.Season(before.Season), BuildWords.Season(after.Season));
        var order = Order(was);
        if (order.Order(StringComparer.Ordinal).SequenceEqual(Order(now).Order(StringComparer.Ordinal)))
        {
            yield return new("Pour order", string.Join(", ", order), string.Join(", ", Order(now)));
        }

        yield return new(
            "Prices",
            BuildWords.List(before.Prices.Select(words.Price)),
            BuildWords.List(after.Prices.Select(words.Price))
        );
        yield return new("Tags", BuildWords.List(before.Tags), BuildWords.List(after.Tags));
        yield return new(
            "Claims",
            BuildWords.List(before.Claims.Select(BuildWords.Claim)),
            BuildWords.List(after.Claims.Select(BuildWords.Claim))
        );
        yield return new("Colour as seen", before.SeenColour ?? BuildWords.None, after.SeenColour ?? BuildWords.None);
        yield return new("Let be", LetBe(before), LetBe(after));
        yield return new("Variant of", before.Parent?.How ?? BuildWords.None, after.Parent?.How ?? BuildWords.None);

        string LetBe(BuildDocument build) =>
            BuildWords.List(
                build.Waivers.Select(waiver =>
                    $"{BuildWords.Check(waiver.Check)} in {words.Cup(waiver.Size)}: {waiver.Reason}"
                )
            );
        static string Names(BuildSheet sheet) => string.Join(", ", sheet.Sizes.Select(size => size.Name));
        static string Reference(BuildSheet sheet) => sheet.Sizes.First(size => size.IsReference).Name;
        static List<string> Order(BuildSheet sheet) => [.. sheet.Sizes[0].Lines.Select(line => line.IngredientName)];
    }

    private static IEnumerable<Difference> Lines(
        BuildDocument before,
        BuildSheet was,
        BuildDocument after,
        BuildSheet now,
        BuildWords words
    )
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

            var name = NameOf(now, line);
            foreach (
                var difference in new Difference[]
                {
                    new($"{NameOf(was, line)}, what it is", NameOf(was, old), name),
                    new($"{name}, measure", BuildWords.Measure(old.Measure), BuildWords.Measure(line.Measure)),
                    new($"{name}, filled", old.To ?? "by amount", line.To ?? "by amount"),
                    new($"{name}, recipe", words.Recipe(old), words.Recipe(line)),
                    new($"{name}, how it goes in", How(old), How(line)),
                    new(
                        $"{name}, how it scales",
                        words.Rule(old.Scale, before.Lines),
                        words.Rule(line.Scale, after.Lines)
                    ),
                    new(
                        $"{name}, set by hand",
                        BuildWords.List(old.Pins.Select(words.Pin)),
                        BuildWords.List(line.Pins.Select(words.Pin))
                    ),
                    new($"{name}, said again as", old.Stated ?? BuildWords.None, line.Stated ?? BuildWords.None),
                    new($"{name}, note", old.Note ?? BuildWords.None, line.Note ?? BuildWords.None),
                }
            )
            {
                if (difference.Before != difference.After)
                {
                    yield return difference;
                }
            }
        }

        string How(LineDocument line) =>
            BuildWords.List(
                new[]
                {
                    BuildWords.Technique(line.Technique),
                    line.Technique == Techniques.Of(Technique.Cool) ? BuildWords.Cooling(line.Cooling) : null,
                    line.CooledCelsius is { } celsius ? $"to {BuildWords.Degrees(celsius)}" : null,
                    line.SteamedCelsius is { } hot ? $"to {BuildWords.Degrees(hot)}" : null,
                    line.Foam is null ? null : words.Foam(line.Foam),
                    line.FoamCapMm is { } cap ? $"{BuildWords.Millimetres(cap)} of foam" : null,
                }.OfType<string>()
            );
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
                    yield return new(
                        $"{size.Name}, {line.IngredientName}",
                        before is null ? BuildWords.None : Amount(before),
                        Amount(line)
                    );
                }
                else if (Math.Abs(before.Mass.Value - line.Mass.Value) >= 0.1)
                {
                    yield return new(
                        $"{size.Name}, {line.IngredientName}",
                        $"{Amount(before)} of {Say.Short(before.Mass.Value)} g",
                        $"{Amount(line)} of {Say.Short(line.Mass.Value)} g"
                    );
                }
            }

            foreach (
                var (what, from, to, unit) in new[]
                {
                    ("strength", old.Taste.Poured.Strength?.Value, size.Taste.Poured.Strength?.Value, "%"),
                    ("sweetness", old.Taste.Poured.Sweetness?.Value, size.Taste.Poured.Sweetness?.Value, "g/100 g"),
                    ("cost", old.Cost.Total?.Value, size.Cost.Total?.Value, now.Currency),
                }
            )
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
        value is { } known ? $"{Say.Hundredths(known)} {unit}".TrimEnd() : "not known";

    private static string NameOf(BuildSheet sheet, LineDocument line) =>
        sheet.Sizes[0].Lines.FirstOrDefault(cell => cell.Line.Value == line.Id)?.IngredientName
        ?? line.Ingredient
        ?? "";
}
