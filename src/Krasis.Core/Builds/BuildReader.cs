using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Input;
using Krasis.Core.Quantities;

namespace Krasis.Core.Builds;

/// <summary>Reads builds against the facts of a bar.</summary>
public static class BuildReader
{
    /// <summary>The most lines a build may have; a drink of more is a slip (common practice, no source).</summary>
    public const int MostLines = 40;

    /// <summary>The most sizes a build may have.</summary>
    public const int MostSizes = 12;

    private const int MostTags = 12;
    private const int MostWaivers = 200;

    /// <summary>Reads a build.</summary>
    /// <param name="document">The document.</param>
    /// <param name="bar">The bar that is to pour it: every cup, ingredient, dispenser and espresso recipe that the
    /// build needs must be there.</param>
    /// <param name="nameless">Whether the name may be missing, as in a build that is only being tried.</param>
    /// <returns>The build, or every problem, under fields such as <c>lines[2].amount</c>.</returns>
    public static Reading<Build> Read(BuildDocument document, BarFacts bar, bool nameless = false)
    {
        var fields = new FieldReader();
        var name = nameless && string.IsNullOrWhiteSpace(document.Name) ? "" : fields.Name("name", document.Name);
        var sizes = ReadSizes(document, bar, fields);
        var reference = new CupId(document.ReferenceSize ?? "");
        if (!document.Sizes.Contains(reference.Value))
        {
            fields.Report(
                "referenceSize",
                document.ReferenceSize,
                "The reference size is not one of the build's sizes.",
                "one of the sizes"
            );
        }

        var school = document.School is null ? School.All[0] : School.Find(document.School);
        if (school is null)
        {
            fields.Report(
                "school",
                document.School,
                $"'{Problem.Shorten(document.School!)}' is not a school.",
                string.Join(", ", School.All.Select(known => known.Code))
            );
        }

        var reserve = ReadReserve(document, sizes, fields);
        var lines = ReadLines(document, bar, fields);
        var serve = fields.OptionalWord<Serve>("serve", document.Serve);
        var season = ReadSeason(document.Season, fields);
        var prices = ReadPrices(document, fields);
        var waivers = ReadWaivers(document, fields);
        if (document.Tags.Count > MostTags)
        {
            fields.Report(
                "tags",
                document.Tags.Count.ToString(CultureInfo.InvariantCulture),
                $"There are {document.Tags.Count} tags.",
                $"at most {MostTags}"
            );
        }

        for (var i = 0; i < document.Tags.Count; i++)
        {
            _ = fields.Id($"tags[{i}]", document.Tags[i]);
        }

        var claims = document
            .Claims.Select((claim, i) => fields.Word($"claims[{i}]", claim, Claim.NoAddedSugar))
            .Distinct()
            .ToList();
        var seen = document.SeenColour is null
            ? null
            : IngredientReader.ReadColour(document.SeenColour, fields, "seenColour");
        _ = fields.Note("parent.how", document.Parent?.How);
        return fields.Finish(() =>
            new Build(name, reserve, [.. sizes.Select(cup => cup.Id)], reference, school!, lines)
            {
                Serve = serve ?? (lines.Exists(line => bar.Find(line.Ingredient)!.IsFrozen) ? Serve.Iced : Serve.Hot),
                IsServeSaid = serve is not null,
                Season = season,
                Prices = prices,
                Claims = claims,
                SeenColour = seen,
                Waivers = waivers,
            }
        );
    }

    // A waiver of a cup or a line that is gone waives nothing, and comes back with it when that is undone.
    private static IReadOnlyList<Waiver> ReadWaivers(BuildDocument document, FieldReader fields) =>
        fields.Each("waivers", document.Waivers, MostWaivers, (waiver, path, _) =>
            new Waiver(
                fields.Id($"{path}.check", waiver.Check),
                new CupId(fields.Id($"{path}.size", waiver.Size)),
                waiver.Line is null ? null : new LineId(waiver.Line),
                fields.Note($"{path}.reason", waiver.Reason) is { } reason ? reason : Missing(fields, $"{path}.reason")
            )
        );

    private static string Missing(FieldReader fields, string field)
    {
        fields.Report(field, null, "A finding is let be for a reason.", "a reason of 1 to 500 characters");
        return "";
    }

    private static Season? ReadSeason(SeasonDocument? document, FieldReader fields)
    {
        if (document is null)
        {
            return null;
        }

        var from = Read("season.from", document.From);
        var to = Read("season.to", document.To);
        return new Season(from, to);

        MonthDay Read(string field, string? text)
        {
            if (MonthDay.Read(text) is { } day)
            {
                return day;
            }

            fields.Report(
                field,
                text,
                text is null ? "A day is missing." : $"'{Problem.Shorten(text)}' is not a day of the year.",
                "a day with its month in words, such as 25 November, or month-day, such as 11-25"
            );
            return default;
        }
    }

    private static Dictionary<CupId, Money> ReadPrices(BuildDocument document, FieldReader fields)
    {
        var prices = new Dictionary<CupId, Money>();
        fields.Each("prices", document.Prices, MostSizes, (price, path, _) =>
        {
            var amount = fields.Number($"{path}.price", price.Price, 0, 10_000, "");
            if (!document.Sizes.Contains(price.Size ?? ""))
            {
                fields.Report($"{path}.size", price.Size, "The build has no such size.", "one of the build's sizes");
            }
            else if (!prices.TryAdd(new CupId(price.Size!), Money.From(amount)))
            {
                fields.Report($"{path}.size", price.Size, "The size has two prices.", "one price a size");
            }

            return amount;
        });
        return prices;
    }

    private static List<Cup> ReadSizes(BuildDocument document, BarFacts bar, FieldReader fields)
    {
        if (document.Sizes.Count is 0 or > MostSizes)
        {
            fields.Report(
                "sizes",
                document.Sizes.Count.ToString(CultureInfo.InvariantCulture),
                $"The build has {document.Sizes.Count} sizes.",
                $"1 to {MostSizes} cups of the bar"
            );
            return [];
        }

        var cups = new List<Cup>();
        for (var i = 0; i < document.Sizes.Count; i++)
        {
            var id = document.Sizes[i];
            if (bar.Find(new CupId(id ?? "")) is not { } cup)
            {
                fields.Report(
                    $"sizes[{i}]",
                    id,
                    $"The bar has no cup '{Problem.Shorten(id ?? "")}'.",
                    "a cup of the bar"
                );
            }
            else if (cups.Contains(cup))
            {
                fields.Report($"sizes[{i}]", id, $"{cup.Name} is there twice.", "each cup once");
            }
            else
            {
                cups.Add(cup);
            }
        }

        return cups;
    }

    private static Millimetres ReadReserve(BuildDocument document, List<Cup> sizes, FieldReader fields)
    {
        var reserve = Millimetres.From(fields.Number("reserveMm", document.ReserveMm, 0, 100, "mm"));
        foreach (var cup in sizes)
        {
            // Half a cup must stay to work with, or the sizes have nothing to be in proportion to.
            if (reserve > cup.Shape.Height * 0.5)
            {
                fields.Report(
                    "reserveMm",
                    Say.Short(reserve.Value),
                    $"{Say.Short(reserve.Value)} mm is more than half of {cup.Name}, which is {Say.Short(cup.Shape.Height.Value)} mm high.",
                    $"at most {Say.Short(cup.Shape.Height.Value / 2)} mm"
                );
                break;
            }
        }

        return reserve;
    }

    private static List<BuildLine> ReadLines(BuildDocument document, BarFacts bar, FieldReader fields)
    {
        if (document.Lines.Count > MostLines)
        {
            fields.Report(
                "lines",
                document.Lines.Count.ToString(CultureInfo.InvariantCulture),
                $"The build has {document.Lines.Count} lines.",
                $"at most {MostLines} lines"
            );
            return [];
        }

        var lines = new List<BuildLine>();
        var ids = new HashSet<string>(StringComparer.Ordinal);
        for (var i = 0; i < document.Lines.Count; i++)
        {
            var reading = LineReader.Read(document.Lines[i] ?? new LineDocument(), document, bar, $"lines[{i}]");
            fields.Take(reading.Problems);
            if (reading.IsRead)
            {
                lines.Add(reading.Value);
                if (!ids.Add(reading.Value.Id.Value))
                {
                    fields.Report(
                        $"lines[{i}].id",
                        reading.Value.Id.Value,
                        "Another line is known by that already.",
                        "something of its own"
                    );
                }
            }
        }

        RefuseLoops(document, lines, fields);
        return lines;
    }

    // A share of a share is a chain; one that comes back to itself has no beginning.
    private static void RefuseLoops(BuildDocument document, List<BuildLine> lines, FieldReader fields)
    {
        var shares = lines
            .Where(line => line.Rule?.By == ScaleBy.Share)
            .DistinctBy(line => line.Id)
            .ToDictionary(line => line.Id, line => line.Rule!.Of!.Value);
        foreach (var line in lines.Where(line => shares.ContainsKey(line.Id)))
        {
            var index = document.Lines.ToList().FindIndex(entered => entered?.Id?.Trim() == line.Id.Value);
            var of = shares[line.Id];
            if (!lines.Exists(other => other.Id == of))
            {
                fields.Report($"lines[{index}].scale.of", of.Value, "The build has no such line.", "another line");
                continue;
            }

            var seen = new HashSet<LineId> { line.Id };
            var next = of;
            while (seen.Add(next) && shares.TryGetValue(next, out var further))
            {
                next = further;
            }

            if (next == line.Id)
            {
                fields.Report(
                    $"lines[{index}].scale.of",
                    of.Value,
                    "A line cannot be a share of itself, not by way of others either.",
                    "a line that does not lead back here"
                );
            }
        }
    }
}
