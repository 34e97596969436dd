using Krasis.Core.Builds.Lines;
using Krasis.Core.Input;
using Krasis.Core.Making.Pouring;

namespace Krasis.App.Making;

/// <summary>What went into the cup of a line.</summary>
public sealed record PouredRequest
{
    /// <summary>The most pours of one drink: several of each of the lines that a build may have.</summary>
    public const int Most = 200;

    /// <summary>The line's id.</summary>
    public string? Line { get; init; }

    /// <summary>How much of it, g.</summary>
    public double? Grams { get; init; }

    /// <summary>How much was to go in, g; as the standard says when it is missing.</summary>
    public double? Target { get; init; }

    /// <summary>How long the pull ran, s.</summary>
    public double? Seconds { get; init; }

    /// <summary>How warm it was, °C.</summary>
    public double? Celsius { get; init; }

    /// <summary>Reads what is in a cup.</summary>
    public static Reading<IReadOnlyList<PouredLine>> Read(IReadOnlyList<PouredRequest> poured)
    {
        var fields = new FieldReader();
        var limits = PourLimits.All;
        var lines = new List<PouredLine>();
        if (poured.Count > Most)
        {
            return Problem.At(
                "poured",
                $"{poured.Count}",
                $"{poured.Count} pours are more than go into one drink.",
                $"at most {Most}"
            );
        }

        for (var i = 0; i < poured.Count; i++)
        {
            // A list from outside may hold nothing at a place, whatever its type says.
            if ((PouredRequest?)poured[i] is null)
            {
                fields.Report($"poured[{i}]", null, "There is nothing here.", "a line and how much of it went in");
                continue;
            }

            var grams = fields.Number($"poured[{i}].grams", poured[i].Grams, 0, limits.MostGrams, "g");
            _ = poured[i].Target is { } target
                ? fields.Number($"poured[{i}].target", target, 0, limits.MostGrams, "g")
                : 0;
            _ = poured[i].Seconds is { } seconds
                ? fields.Number($"poured[{i}].seconds", seconds, 0, limits.MostSeconds, "s")
                : 0;
            _ = poured[i].Celsius is { } celsius
                ? fields.Number($"poured[{i}].celsius", celsius, limits.CelsiusFrom, limits.CelsiusTo, "°C")
                : 0;
            if (fields.Problems.Count == 0)
            {
                lines.Add(new PouredLine(new LineId(poured[i].Line ?? ""), Core.Quantities.Grams.From(grams)));
            }
        }

        return fields.Problems.Count > 0
            ? Reading<IReadOnlyList<PouredLine>>.Failed(fields.Problems)
            : Reading<IReadOnlyList<PouredLine>>.Of(lines);
    }
}
