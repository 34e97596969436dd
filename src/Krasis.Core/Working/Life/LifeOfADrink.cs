using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.House;
using Krasis.Core.Builds;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Drawing;
using Krasis.Core.Working.Heat;
using Krasis.Core.Working.Mixing;

namespace Krasis.Core.Working.Life;

/// <summary>Follows a drink from hand-over to twenty minutes later.</summary>
internal static class LifeOfADrink
{
    private static readonly double[] Later = [10, 20];

    /// <summary>The drink's life.</summary>
    /// <remarks>How far liquid and ice have come to one another at hand-over is the technique's: stirred, shaken or
    /// blended all the way; built and layered by the house's share. The cup has taken its heat by then.</remarks>
    public static SizeLife Of(
        WorkedSize size,
        Serve serve,
        HouseRules house,
        IReadOnlyList<Boundary> boundaries,
        Light? tint
    )
    {
        var content = size.Poured;
        var loss = LossOf(size.Size.Cup, content, serve);
        double[] minutes = loss is null ? [0] : [0, .. Later];
        Func<Grams, CupDrawing> draw = melt =>
            CupDrawing.Served(size, boundaries, size.Poured.IsBlended ? 0 : melt.Value, tint);
        return new SizeLife(
            Grams.From(content.Condensate),
            Grams.From(content.CoolingMelt),
            loss,
            [.. AfterMinutes(size, serve, house, minutes).Select(then => new Moment(then, draw))]
        );
    }

    /// <summary>The drink so many minutes after it was handed over; as it was handed over where it is not known what
    /// its cup loses.</summary>
    public static IReadOnlyList<AgedDrink> AfterMinutes(
        WorkedSize size,
        Serve serve,
        HouseRules house,
        IReadOnlyList<double> minutes
    )
    {
        var content = size.Poured;
        var heat = WithCup(content.Heat, size.Size.Cup, serve, house).Exchanged(ShareAtHandOver(size, serve, house));
        var loss = LossOf(size.Size.Cup, content, serve);
        return
        [
            .. minutes.Select(after =>
                Aged(
                    after,
                    after > 0 && loss is { } watts ? Cooling.After(heat, watts, house.Room, Minutes.From(after)) : heat
                )
            ),
        ];

        AgedDrink Aged(double after, HeatContent then)
        {
            var melt = content.IceMass - then.IceMass;

            // Blended ice is in the drink whole, melted or not.
            var water = content.IsBlended ? content.IceMass : melt;
            return new AgedDrink(
                Minutes.From(after),
                Grams.From(melt),
                Grams.From(then.IceMass),
                then.Temperature,
                Finite(content.StrengthWith(water) * 100) is { } strength ? Percent.From(strength) : null,
                Finite(content.SweetnessWith(water) * 100) is { } sweetness ? GramsPer100Grams.From(sweetness) : null
            );
        }

        static double? Finite(double value) => double.IsFinite(value) ? value : null;
    }

    /// <summary>The share of the melt that the drink's heat is good for which has happened when it is handed
    /// over.</summary>
    public static double ShareAtHandOver(WorkedSize size, Serve serve, HouseRules house)
    {
        if (serve is Serve.Shaken or Serve.Blended or Serve.Hot)
        {
            return 1;
        }

        // Stirred once the ice is in, it comes all the way.
        var ice = size.Lines.FirstOrDefault(line => line.IsIce && line.IsPoured)?.Index ?? size.Lines.Count;
        return size.Lines.Any(line => line.Index >= ice && line.IsPoured && line.Facts.Technique.Mixes)
            ? 1
            : (serve == Serve.Layered ? house.LayeredMelt : house.BuiltMelt).Value / 100;
    }

    // A cup that was warmed was warmed for a hot drink.
    private static HeatContent WithCup(HeatContent heat, Cup cup, Serve serve, HouseRules house) =>
        cup.HeatCapacity is { } capacity && heat.LiquidCapacity > 0
            ? heat.WithCup(capacity, serve == Serve.Hot && cup.WarmedTo is { } warmed ? warmed : house.Room)
            : heat;

    // A lid keeps more in than foam does; a cup goes out with its lid where it has one.
    private static WattsPerKelvin? LossOf(Cup cup, Tally content, Serve serve)
    {
        if (cup.HeatLoss is not { } loss)
        {
            return null;
        }

        var material = cup.Material ?? CupMaterial.Paper;
        return (serve == Serve.Hot, cup.LidClearance is not null) switch
        {
            (false, false) => loss.Cold,
            (false, true) => loss.ColdLidded(cup.Shape, material),
            (true, true) => loss.HotLidded,
            (true, false) => loss.HotUnderFoam(cup.Shape, material, Millimetres.From(CapOf(cup, content))),
        };
    }

    /// <summary>How thick the foam stands on the liquid, mm; zero where the air is blended in.</summary>
    public static double CapOf(Cup cup, Tally content) =>
        content.IsBlended
            ? 0
            : Math.Max(
                0,
                (
                    cup.HeightFor(Millilitres.From(content.Levels.Surface))
                    - cup.HeightFor(Millilitres.From(content.Levels.Liquid))
                ).Value
            );
}
