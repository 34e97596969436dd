using Krasis.Core.Making.Pouring;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Complaining;

/// <summary>Why a drink runs over, or is different every time.</summary>
internal static class FillCauses
{
    // Room below which a little more of anything shows, ml (common practice, no source).
    private const double Tight = 12;

    public static IEnumerable<Cause> RunsOver(Complained at)
    {
        var room = at.Size.Fill.RoomLeft.Value;
        foreach (
            var cause in at.By("overfull", 40 + Math.Max(0, -room), "Pour less of it.")
                .Concat(at.By("no-room-for-top", 35, "Leave room for what goes on top."))
        )
        {
            yield return cause;
        }

        foreach (
            var (line, finding) in from line in at.Lines
            from finding in at.Of(line)
            where finding.By > 0
            select (line, finding)
        )
        {
            var extra = line.Mass * line.VolumePerGram * finding.By / 100;
            if (extra > Math.Max(0, room) / 2)
            {
                yield return Complained.Booked("poured-over", 10 + extra, finding);
            }
        }

        if (room is >= 0 and < Tight)
        {
            yield return new Cause(
                "tight",
                Tight - room,
                $"{Say.Whole(room)} ml of room are left: a splash too much runs over.",
                "A larger reserve, or 5 ml less of the milk."
            );
        }

        if (at.Lines.FirstOrDefault(line => line.Foam is { Overrun: > 0 }) is { } foamed)
        {
            var grown = foamed.Mass * foamed.VolumePerGram * foamed.Foam!.Overrun;
            yield return new Cause(
                "foamed-higher",
                Math.Max(1, (grown / 3) - Math.Max(0, room)),
                $"The foam is {Say.Whole(grown)} ml; a third more of it takes {Say.Whole(grown / 3)} ml of the {Say.Whole(Math.Max(0, room))} ml of room.",
                "Foam to the level, not higher."
            )
            {
                Bench = "foams",
                BenchId = foamed.Foam.Id.Value,
            };
        }

        yield return new Cause(
            "cup-holds-less",
            0.5,
            $"{at.Size.Name} is taken to hold {Say.Whole(at.Size.Cup.BrimCapacity.Value)} ml.",
            "Weigh the cup full of water."
        )
        {
            Bench = "cups",
            BenchId = at.Size.Size.Value,
        };
    }

    public static IEnumerable<Cause> Different(Complained at)
    {
        foreach (
            var finding in at
                .Lines.SelectMany(at.Of)
                .Concat(at.Pulls().Select(each => each.Finding))
                .Concat(at.Poured.Where(finding => finding.Of == SeriesOf.Drink && finding.Id == at.Build.Name))
                .Distinct()
        )
        {
            yield return Complained.Booked(
                finding.Of switch
                {
                    SeriesOf.Dispenser => "pump-drifts",
                    SeriesOf.Pull => "pulls-differ",
                    SeriesOf.Person => "hands-differ",
                    SeriesOf.Drink => "drink-drifts",
                    _ => "poured-by-eye",
                },
                10 + Math.Abs(finding.By),
                finding
            );
        }

        foreach (
            var cause in at.By("weighed-long-ago", 8, "Weigh its strokes again.")
                .Concat(at.By("not-pourable", 9, "Say an amount that the bar can pour."))
        )
        {
            yield return cause;
        }

        if (
            at.Lines.FirstOrDefault(line =>
                line.Line.Id == at.Size.Fill.FillLine
                && line.Mark is null
                && line.Line.Set.Measure.Kind == MeasureKind.Volume
            ) is
            { } free
        )
        {
            yield return new Cause(
                "no-mark",
                4,
                $"{free.Ingredient.Name} is poured by the millilitre, and cups have no scale.",
                "Fill it to a mark, or weigh it into the cup."
            );
        }

        yield return new Cause(
            "weigh-some",
            1,
            "The book of pours says nothing of it.",
            "Make ten with the scale, and look under Poured."
        );
    }
}
