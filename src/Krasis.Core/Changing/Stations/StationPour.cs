using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.House;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Stations;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.SizeSheets;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Changing.Stations;

/// <summary>Says how a build is poured at a station with other pumps and another grinder than those it was set
/// with.</summary>
public static class StationPour
{
    /// <summary>How a build is poured at every station but the one where it was set.</summary>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The bar as seen from the station where standards are set.</param>
    public static IReadOnlyList<StationSheet> Everywhere(Build build, BarFacts bar)
    {
        var home = Mixer.Mix(build, bar);
        return
        [
            .. bar.Stations.Where(station => station != bar.Station).Select(station => At(build, home, bar, station)),
        ];
    }

    /// <summary>A build as a station pours it; null where the station has none of its cups.</summary>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="home">The build as it is poured where it was set.</param>
    /// <param name="bar">The bar as seen from the station where standards are set.</param>
    /// <param name="station">The station.</param>
    internal static TurnedBuild? Turn(Build build, BuildSheet home, BarFacts bar, Station station)
    {
        var here = bar.At(station);
        var sizes = build.Sizes.Where(size => bar.Find(size)!.IsAt(station.Id)).ToList();
        if (sizes.Count == 0)
        {
            return null;
        }

        var reference = sizes.Contains(build.ReferenceSize) ? build.ReferenceSize : sizes[0];
        var said = build with
        {
            Sizes = sizes,
            ReferenceSize = reference,
            Lines = [.. build.Lines.Select((line, i) => Said(line, i, home, here, sizes, reference))],
        };
        return new TurnedBuild(said, here, new AsSaid());
    }

    private static StationSheet At(Build build, BuildSheet home, BarFacts bar, Station station)
    {
        var turned = Turn(build, home, bar, station);
        IReadOnlyList<StationSize> sizes = turned is null
            ? []
            :
            [
                .. turned
                    .Mix()
                    .Sizes.Select(size =>
                        Compare(size, home.Sizes.Single(other => other.Size == size.Size), turned.Bar.House)
                    ),
            ];
        return new StationSheet(
            station.Id,
            station.Name,
            sizes,
            [.. build.Sizes.Except(turned?.Build.Sizes ?? []).Select(size => bar.Find(size)!.Name)]
        );
    }

    // Every size is said by hand: it gets the same grams as at home, as near as the station's pumps and shots come.
    private static BuildLine Said(
        BuildLine line,
        int index,
        BuildSheet home,
        BarFacts here,
        List<CupId> sizes,
        CupId reference
    )
    {
        var ingredient = here.Find(line.Ingredient)!;
        var measure = MeasureAt(line.Set.Measure, ingredient, here);
        var perUnit = Dosing.Mass(new Quantity(1, measure), ingredient, here.Pulling(line.Recipe)).Value;
        var step = BarRounding.StepOf(measure, ingredient, here);
        var said = sizes.ToDictionary(
            size => size,
            size =>
            {
                var grams = home.Sizes.Single(other => other.Size == size).Lines[index].Mass.Value;
                return new Quantity(BarRounding.Round(grams / perUnit, step), measure);
            }
        );
        return line with
        {
            Set = said[reference],
            Pins = said.Where(entry => entry.Key != reference).ToDictionary(entry => entry.Key, entry => entry.Value),
            Rule = null,
            To = null,
            PinnedMarks = new Dictionary<CupId, Mark>(),
        };
    }

    private static Measure MeasureAt(Measure measure, Ingredient ingredient, BarFacts here)
    {
        if (Dosing.Refusal(ingredient, measure, here) is null)
        {
            return measure;
        }

        return measure.Kind == MeasureKind.Stroke
            ? new[] { Measure.Stroke, Measure.Scoop }.FirstOrDefault(other =>
                Dosing.Refusal(ingredient, other, here) is null
            ) ?? Measure.Gram
            : Measure.Gram;
    }

    private static StationSize Compare(SizeSheet here, SizeSheet home, HouseRules house) =>
        new(
            here.Size,
            here.Name,
            [
                .. here.Lines.Zip(home.Lines, (line, set) =>
                    new StationLine(
                        line.Line,
                        line.IngredientName,
                        line.Amount,
                        line.Unit,
                        line.Mass,
                        set.Amount,
                        set.Unit,
                        set.Mass
                    )
                ),
            ],
            here.Taste.Poured,
            Drift.Between(home.Taste.Poured, here.Taste.Poured).Against(house),
            here.Fill.RoomLeft
        );
}
