using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Mixing;

/// <summary>Where in the cup each liquid, the ice and what stands on top are to be drawn.</summary>
/// <param name="Layers">The liquids from the bottom up; a single one where the drink is shaken or blended.</param>
/// <param name="Ice">The ice, or null.</param>
/// <param name="Top">What stands on top, or null; it may reach above the brim.</param>
/// <param name="FillHeight">How high the liquid stands; the brim when it spills.</param>
/// <param name="Trims">What is on the wall, on the rim and on top, in pour order.</param>
public sealed record CupDrawing(IReadOnlyList<Layer> Layers, IceBand? Ice, Layer? Top, Millimetres FillHeight, IReadOnlyList<Trim> Trims)
{
    // Less than a splinter is not drawn, g.
    private const double LeastIce = 0.5;

    // Where red, green and blue begin in #rrggbb.
    private static readonly int[] Channels = [1, 3, 5];

    /// <summary>Stacks the liquids in pour order around the ice that hangs from the surface, or stands on the bottom where there
    /// is more ice than the liquid can float.</summary>
    /// <param name="size">The size.</param>
    /// <param name="serve">How it is served.</param>
    /// <param name="boundaries">Where one liquid was poured on another.</param>
    /// <param name="melt">Grams of ice that have melted; the water is drawn in the topmost liquid, where the ice is.</param>
    /// <remarks>In the heap of ice only the gaps are liquid, so the same liquid reaches higher there.</remarks>
    internal static CupDrawing Of(WorkedSize size, Serve serve, IReadOnlyList<Boundary> boundaries, double melt = 0)
    {
        var cup = size.Size.Cup;
        var content = size.Poured.Melted(melt);
        var crown = Mixer.CrownOf(cup, content);
        var isBlended = serve == Serve.Blended;
        var surface = content.Surface;
        var sunk = isBlended ? 0 : Math.Max(0, surface - content.LiquidVolume - content.Air);
        var heap = isBlended ? 0 : Math.Min(surface, content.IceHeap);
        var below = surface - heap;
        var gaps = heap <= 0 ? 1 : Math.Max(0, (heap - sunk) / heap);
        var liquids = Liquids(size, isBlended);
        if (!isBlended && melt > 0 && liquids.Count > 0)
        {
            var (line, colour, volume) = liquids[^1];
            var water = melt / Tally.Meltwater;
            liquids[^1] = (line, Thinned(colour, volume / (volume + water)), volume + water);
        }

        var layers = new List<Layer>();
        if (serve is Serve.Blended or Serve.Shaken && liquids.Count > 0)
        {
            layers.Add(new Layer(liquids[0].Line, Mixed(liquids), default, cup.HeightFor(Millilitres.From(surface))));
        }
        else
        {
            var liquid = 0.0;
            foreach (var (line, colour, volume) in liquids)
            {
                var from = HeightOf(liquid);
                liquid += volume;
                layers.Add(new Layer(line, colour, from, HeightOf(liquid), boundaries.Any(boundary => boundary.Lower == line && !boundary.Holds)));
            }
        }

        return new CupDrawing(layers, isBlended ? null : Ice(), Top(), cup.HeightFor(Millilitres.From(surface)), TrimsOf(size));

        Millimetres HeightOf(double liquidBelow) => cup.HeightFor(Millilitres.From(
            liquidBelow <= below || gaps <= 0 ? liquidBelow : Math.Min(surface, below + ((liquidBelow - below) / gaps))));

        IceBand? Ice()
        {
            if (content.IceMass < LeastIce)
            {
                return null;
            }

            double pieces = 0;
            string? colour = null;
            for (var i = 0; i < size.Lines.Count; i++)
            {
                if (size.Lines[i].IsIce && size.Amounts[i] > 0)
                {
                    pieces += size.Mass(i) / size.Lines[i].Ingredient.PieceMass!.Value.Value;
                    colour ??= size.Lines[i].Ingredient.Colour;
                }
            }

            return colour is null
                ? null
                : new IceBand(
                    cup.HeightFor(Millilitres.From(below)),
                    cup.HeightFor(Millilitres.From(Math.Max(surface, content.Occupied))),
                    Millimetres.From(Math.Cbrt(content.IceMass / pieces / IceFacts.Density.Value) * 10),
                    pieces,
                    colour);
        }

        Layer? Top()
        {
            if (content.OnTop <= 0)
            {
                return null;
            }

            var line = size.Lines.Select((facts, i) => (Facts: facts, Mass: size.Mass(i))).Where(entry => entry.Facts.IsOnTop).MaxBy(entry => entry.Mass * entry.Facts.VolumePerGram).Facts;
            return new Layer(line.Line.Id, line.Ingredient.Colour, cup.HeightFor(Millilitres.From(content.Occupied)), crown);
        }
    }

    private static List<Trim> TrimsOf(WorkedSize size)
    {
        var trims = new List<Trim>();
        for (var i = 0; i < size.Lines.Count; i++)
        {
            var line = size.Lines[i];
            TrimPlace? place = line.Line.Technique switch
            {
                Technique.Wall => TrimPlace.Wall,
                Technique.Rim => TrimPlace.Rim,
                Technique.Dust => TrimPlace.Dusting,
                Technique.Top when line.Ingredient.Kind is IngredientKind.Sauce or IngredientKind.Syrup => TrimPlace.Drizzle,
                Technique.Top when line.Ingredient.Kind == IngredientKind.Powder => TrimPlace.Dusting,
                _ => null,
            };
            if (place is { } where && size.Amounts[i] > 0)
            {
                trims.Add(new Trim(line.Line.Id, line.Ingredient.Colour, where));
            }
        }

        return trims;
    }

    private static List<(LineId Line, string Colour, double Volume)> Liquids(WorkedSize size, bool isBlended)
    {
        var liquids = new List<(LineId, string, double)>(size.Lines.Count);
        for (var i = 0; i < size.Lines.Count; i++)
        {
            var line = size.Lines[i];
            var grams = size.Mass(i);
            if (grams > 0 && !line.IsOnTop && (isBlended || !line.IsIce))
            {
                liquids.Add((line.Line.Id, line.Ingredient.Colour, grams * (line.VolumePerGram + line.CondensatePerGram) * (1 + line.Overrun)));
            }
        }

        return liquids;
    }

    // A clear liquid lets through light as by the Beer–Lambert law: thinned to a share, each channel's share of white to the power
    // of it. Coffee thins to tan, and milk stays near to white.
    private static string Thinned(string colour, double share) => "#" + string.Concat(Channels.Select(at =>
        ((int)Math.Round(255 * Math.Pow(Convert.ToInt32(colour.Substring(at, 2), 16) / 255.0, share))).ToString("x2", System.Globalization.CultureInfo.InvariantCulture)));

    // The colours' average by volume, channel by channel: near enough for a drawing.
    private static string Mixed(List<(LineId Line, string Colour, double Volume)> liquids)
    {
        var total = liquids.Sum(liquid => liquid.Volume);
        return "#" + string.Concat(Channels.Select(at =>
            ((int)Math.Round(liquids.Sum(liquid => liquid.Volume * Convert.ToInt32(liquid.Colour.Substring(at, 2), 16)) / total)).ToString("x2", System.Globalization.CultureInfo.InvariantCulture)));
    }
}
