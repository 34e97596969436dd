using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.Tasting;

namespace Krasis.Core.Working.Drawing;

/// <summary>Where in the cup each liquid, the foam, the ice and what stands on top are to be drawn.</summary>
/// <param name="Layers">The liquids from the bottom up: as poured each by itself, handed over only those that stay
/// apart.</param>
/// <param name="Foam">The foam on them, or null.</param>
/// <param name="Ice">The ice, or null.</param>
/// <param name="Top">What stands on top, or null; it may reach above the brim.</param>
/// <param name="FillHeight">How high the drink stands; the brim when it spills.</param>
/// <param name="Trims">What is on the wall, on the rim and on top, in pour order.</param>
public sealed record CupDrawing(
    IReadOnlyList<Layer> Layers,
    Layer? Foam,
    IceBand? Ice,
    Layer? Top,
    Millimetres FillHeight,
    IReadOnlyList<Trim> Trims
)
{
    // Less than a splinter is not drawn, g; nor foam that is thinner than a line, mm.
    private const double LeastIce = 0.5;
    private const double LeastFoam = 0.5;

    // Foam is the drink's colour seen through so many air bubbles: that share of the way to white (by eye).
    private const double Foamy = 0.6;

    /// <summary>The drink as it is poured: the liquids in pour order around the ice, each in its own colour.</summary>
    internal static CupDrawing AsPoured(WorkedSize size, Serve serve, IReadOnlyList<Boundary> boundaries)
    {
        var groups = Liquids(size)
            .Select(liquid => new Group(
                [liquid],
                boundaries.Any(boundary => boundary.Lower == liquid.Line.Id && !boundary.Holds)
            ))
            .ToList();
        return serve is Serve.Blended or Serve.Shaken
            ? Draw(size, [new Group([.. Liquids(size)], false)], 0, null)
            : Draw(size, groups, 0, null);
    }

    /// <summary>The drink as it stands before the guest: what does not stay apart is one liquid of one colour, and the
    /// ice has melted into it.</summary>
    /// <param name="size">The size.</param>
    /// <param name="boundaries">Where one liquid was poured on another.</param>
    /// <param name="melt">Grams of ice that have melted; the water is in the topmost liquid, where the ice is.</param>
    /// <param name="tint">What a real cup's colour has taught.</param>
    internal static CupDrawing Served(WorkedSize size, IReadOnlyList<Boundary> boundaries, double melt, Light? tint)
    {
        var groups = new List<Group>();
        foreach (var liquid in Liquids(size))
        {
            var isApart = boundaries.Any(boundary => boundary.Upper == liquid.Line.Id && boundary.Holds);
            if (groups.Count == 0 || isApart)
            {
                groups.Add(new Group([liquid], false));
            }
            else
            {
                groups[^1].Lines.Add(liquid);
            }
        }

        return Draw(size, groups, melt, tint);
    }

    private static CupDrawing Draw(WorkedSize size, List<Group> groups, double melt, Light? tint)
    {
        var content = size.Poured.Melted(melt);
        var surface = HeightFor(size, content.Levels.Surface);
        var hasFoam = !content.IsBlended && (surface - HeightFor(size, content.Levels.Liquid)).Value >= LeastFoam;
        return new CupDrawing(
            Stack(size, content, groups, hasFoam, melt, tint),
            hasFoam ? FoamOf(size, content, groups, melt, tint) : null,
            IceOf(size, content),
            TopOf(size, content),
            surface,
            TrimsOf(size)
        );
    }

    private static Millimetres HeightFor(WorkedSize size, double ml) => size.Size.Cup.HeightFor(Millilitres.From(ml));

    // Stacks groups of liquids around the ice. In the heap of ice only the gaps are liquid, so the same liquid reaches
    // higher there.
    private static List<Layer> Stack(
        WorkedSize size,
        Tally content,
        List<Group> groups,
        bool hasFoam,
        double melt,
        Light? tint
    )
    {
        var levels = content.Levels;
        var isBlended = content.IsBlended;
        var gaps =
            content.IceHeap > 0 && !isBlended ? 1 - (content.IceMass / IceFacts.Density.Value / content.IceHeap) : 1;
        var layers = new List<Layer>();
        var liquid = 0.0;
        foreach (var (group, i) in groups.Where(group => group.Lines.Count > 0).Select((group, i) => (group, i)))
        {
            var from = Height(liquid);
            var isLast = i == groups.Count - 1;
            liquid += group.Lines.Sum(line => VolumeOf(line));
            layers.Add(
                new Layer(
                    group.Lines.MaxBy(line => line.Mass)!.Line.Id,
                    ColourOf(group, isLast ? melt : 0, isBlended ? content.IceMass : 0, tint).ToHex(),
                    from,
                    isLast ? HeightFor(size, hasFoam ? levels.Liquid : levels.Surface) : Height(liquid),
                    group.MixesAbove
                )
            );
        }

        return layers;

        Millimetres Height(double below) =>
            HeightFor(
                size,
                below <= levels.HeapFrom || gaps <= 0
                    ? below
                    : Math.Min(levels.Liquid, levels.HeapFrom + ((below - levels.HeapFrom) / gaps))
            );
    }

    private static Layer? FoamOf(WorkedSize size, Tally content, List<Group> groups, double melt, Light? tint)
    {
        if (groups.Count == 0 || groups[^1].Lines.Count == 0)
        {
            return null;
        }

        var foamed = size
            .Lines.Where(line => line.IsPoured && line.IsInside && line.Foam is not null)
            .MaxBy(line => line.Mass);
        var colour = foamed is null ? ColourOf(groups[^1], melt, 0, tint) : Light.Of(foamed.Ingredient.Colour);
        return new Layer(
            (foamed ?? groups[^1].Lines[^1]).Line.Id,
            colour.Each(band => band + ((1 - band) * Foamy)).ToHex(),
            HeightFor(size, content.Levels.Liquid),
            HeightFor(size, content.Levels.Surface)
        );
    }

    private static IceBand? IceOf(WorkedSize size, Tally content)
    {
        if (content.IsBlended || content.IceMass < LeastIce)
        {
            return null;
        }

        var ice = size.Lines.Where(line => line.IsIce && line.IsPoured).ToList();
        var pieces = ice.Sum(line => line.Mass / line.Ingredient.PieceMass!.Value.Value);
        return new IceBand(
            HeightFor(size, content.Levels.HeapFrom),
            Crown.HeightOf(size.Size.Cup, content.Levels.HeapTo),
            Millimetres.From(Math.Cbrt(content.IceMass / pieces / IceFacts.Density.Value) * 10),
            pieces,
            ice[0].Ingredient.Colour
        );
    }

    private static Layer? TopOf(WorkedSize size, Tally content)
    {
        if (content.OnTop <= 0)
        {
            return null;
        }

        var line = size.Lines.Where(entry => entry.IsOnTop).MaxBy(entry => entry.Mass * entry.VolumePerGram)!;
        return new Layer(
            line.Line.Id,
            line.Ingredient.Colour,
            HeightFor(size, content.Levels.Top),
            Crown.Of(size.Size.Cup, content)
        );
    }

    private static Light ColourOf(Group group, double melt, double ice, Light? tint) =>
        group.Lines is [var only] && melt <= 0 && tint is null
            ? Light.Of(only.Ingredient.Colour)
            : DrinkColour.Of(
                group.Lines.Select(line => (line.Ingredient, line.Mass)),
                group.Lines.Sum(line => line.Mass * (line.Facts.CondensatePerGram + line.Facts.MeltPerGram))
                    + melt
                    + ice,
                tint
            ) ?? new Light(1, 1, 1);

    private static double VolumeOf(WorkedLine line) =>
        line.Mass * (line.VolumePerGram + line.Facts.CondensatePerGram + line.Facts.MeltPerGram);

    private static IEnumerable<WorkedLine> Liquids(WorkedSize size) =>
        size.Lines.Where(line => line.IsPoured && line.IsInside && !line.IsIce);

    private static List<Trim> TrimsOf(WorkedSize size)
    {
        var trims = new List<Trim>();
        foreach (var line in size.Lines.Where(line => line.IsPoured))
        {
            TrimPlace? place = line.Line.Technique switch
            {
                Technique.Wall => TrimPlace.Wall,
                Technique.Rim => TrimPlace.Rim,
                Technique.Dust => TrimPlace.Dusting,
                Technique.Top when line.Ingredient.Kind is IngredientKind.Sauce or IngredientKind.Syrup =>
                    TrimPlace.Drizzle,
                Technique.Top when line.Ingredient.Kind == IngredientKind.Powder => TrimPlace.Dusting,
                _ => null,
            };
            if (place is { } where)
            {
                trims.Add(new Trim(line.Line.Id, line.Ingredient.Colour, where));
            }
        }

        return trims;
    }

    // Liquids that are one in the cup.
    private sealed record Group(List<WorkedLine> Lines, bool MixesAbove);
}
