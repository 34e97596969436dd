using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Changing.Moving;

/// <summary>What of a sheet can move so that a lead sees it: little enough to be kept of every build there
/// is.</summary>
/// <param name="Currency">The house's currency; empty when it has said none.</param>
/// <param name="Sizes">The sizes, in the sheet's order.</param>
public sealed record SheetFigures(string Currency, IReadOnlyList<SizeFigures> Sizes)
{
    /// <summary>Those of a sheet.</summary>
    public static SheetFigures Of(BuildSheet sheet)
    {
        var findings = sheet.Findings.ToLookup(finding => finding.Size);
        return new SheetFigures(
            sheet.Currency,
            [.. sheet.Sizes.Select(size => SizeFigures.Of(size, findings[size.Size]))]
        );
    }
}

/// <summary>What of one size can move.</summary>
/// <param name="Size">The cup.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Lines">Its lines, in pour order.</param>
/// <param name="FillHeight">How high it is filled, mm.</param>
/// <param name="RoomLeft">Room below the reserve, ml.</param>
/// <param name="Strength">Strength as poured, %; null when not known.</param>
/// <param name="Sweetness">Sweetness as poured, g/100 g; null when not known.</param>
/// <param name="MilkPerCoffee">Parts of milk to a part of coffee; null when there is no ratio.</param>
/// <param name="MeltAtHandOver">Ice that has melted when it is handed over, g.</param>
/// <param name="Moments">How many moments of its life are known.</param>
/// <param name="LastAfter">When the last of them is, min.</param>
/// <param name="LastTemperature">How warm it is then, °C.</param>
/// <param name="Energy">kcal; null when not known.</param>
/// <param name="Caffeine">mg; null when not known.</param>
/// <param name="Cost">What it costs; null when not known.</param>
/// <param name="Allergens">What is told of allergens.</param>
/// <param name="Findings">What the checks say, by check and line.</param>
public sealed record SizeFigures(
    CupId Size,
    string Name,
    IReadOnlyList<LineFigures> Lines,
    double FillHeight,
    double RoomLeft,
    double? Strength,
    double? Sweetness,
    double? MilkPerCoffee,
    double MeltAtHandOver,
    int Moments,
    double LastAfter,
    double LastTemperature,
    double? Energy,
    double? Caffeine,
    double? Cost,
    string Allergens,
    IReadOnlyDictionary<(string Check, LineId? Line), string> Findings
)
{
    internal static SizeFigures Of(SizeSheet size, IEnumerable<Finding> findings)
    {
        // A finding whose numbers have moved is the same finding.
        var found = new Dictionary<(string, LineId?), string>();
        foreach (var finding in findings)
        {
            found.TryAdd((finding.Check, finding.Line), finding.Message);
        }

        var (taste, inside, last) = (size.Taste.Poured, size.Inside.Nutrition, size.Life.Moments[^1]);
        return new SizeFigures(
            size.Size,
            size.Name,
            [
                .. size.Lines.Select(line => new LineFigures(
                    line.IngredientName,
                    line.Amount,
                    line.Unit,
                    line.Mass.Value
                )),
            ],
            size.Fill.FillHeight.Value,
            size.Fill.RoomLeft.Value,
            taste.Strength?.Value,
            taste.Sweetness?.Value,
            taste.MilkPerCoffee,
            size.Life.Moments[0].Melt.Value,
            size.Life.Moments.Count,
            last.After.Value,
            last.Temperature.Value,
            inside.Energy?.Value,
            inside.Caffeine?.Value,
            size.Cost.Total?.Value,
            size.Inside.Allergens.Says,
            found
        );
    }
}

/// <summary>What of one line can move.</summary>
/// <param name="Name">Its ingredient.</param>
/// <param name="Amount">What the bar pours, in its measure.</param>
/// <param name="Unit">The measure, as it is read out.</param>
/// <param name="Grams">How much that is.</param>
public readonly record struct LineFigures(string Name, double Amount, string Unit, double Grams);
