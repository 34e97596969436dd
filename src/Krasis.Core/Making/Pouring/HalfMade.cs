using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Stations;
using Krasis.Core.Input;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Making.Pouring;

/// <summary>A size at its station, with what is really in the cup.</summary>
/// <param name="Turned">The build as the station pours it.</param>
/// <param name="Station">What the house calls the station; null where there is one place only.</param>
/// <param name="Own">The size as it was to be.</param>
/// <param name="Actual">What is in of every line, in its measure; NaN for what is still to come.</param>
internal sealed record HalfMade(TurnedBuild Turned, string? Station, WorkedSize Own, double[] Actual)
{
    /// <summary>Reads it.</summary>
    /// <param name="build">The build, read against <paramref name="bar"/>.</param>
    /// <param name="bar">The facts that it was published with, seen from the station where standards are set.</param>
    /// <param name="station">The id of the station where it is made; null for the one where standards are set.</param>
    /// <param name="size">The cup.</param>
    /// <param name="poured">What is in it.</param>
    /// <returns>The drink as far as it is made; problems under <c>station</c>, <c>size</c> and
    /// <c>poured[i]</c>.</returns>
    public static Reading<HalfMade> Read(
        Build build,
        BarFacts bar,
        string? station,
        CupId size,
        IReadOnlyList<PouredLine> poured
    )
    {
        var place = Planner.Place(build, bar, station);
        if (!place.IsRead)
        {
            return Reading<HalfMade>.Failed(place.Problems);
        }

        var (turned, name) = place.Value;
        var own = SizeWork.SettleAll(turned.Build, turned.Bar, turned.Scaling).Find(one => one.Size.Cup.Id == size);
        if (own is null)
        {
            return Problem.At(
                "size",
                size.Value,
                "The drink is not made in that cup here.",
                string.Join(", ", turned.Build.Sizes.Select(each => turned.Bar.Find(each)!.Name))
            );
        }

        var fields = new FieldReader();
        var actual = own.Lines.Select(_ => double.NaN).ToArray();
        for (var i = 0; i < poured.Count; i++)
        {
            var grams = poured[i].Grams.Value;
            var line = own.Lines.FirstOrDefault(each => each.Line.Id == poured[i].Line);
            if (line is null)
            {
                fields.Report(
                    $"poured[{i}].line",
                    poured[i].Line.Value,
                    "The drink has no such line.",
                    "a line of the drink"
                );
            }
            else if (grams < 0 || grams > PourLimits.All.MostGrams)
            {
                fields.Report(
                    $"poured[{i}].grams",
                    Say.Short(grams),
                    grams < 0
                        ? "Less than nothing cannot have gone in."
                        : $"{Say.Short(grams)} g is more than any cup holds.",
                    $"0 to {PourLimits.All.MostGrams} g"
                );
            }
            else
            {
                // What was said before of the same line is in the cup as well.
                var before = actual[line.Index];
                actual[line.Index] = (double.IsNaN(before) ? 0 : before) + (grams / line.Facts.Mass(1, line.Stretch));
            }
        }

        return fields.Problems.Count > 0
            ? Reading<HalfMade>.Failed(fields.Problems)
            : Reading<HalfMade>.Of(new HalfMade(turned, name, own, actual));
    }
}
