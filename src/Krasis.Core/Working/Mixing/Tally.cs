using Krasis.Core.Builds;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Heat;
using Krasis.Core.Working.Lines;

namespace Krasis.Core.Working.Mixing;

/// <summary>All that is in a cup, added up line by line: the sums that fill, taste and heat are worked out from. Adding
/// is all it does, so that the adviser can try a hundred cups in the time of one sheet.</summary>
internal struct Tally
{
    // Less than a drop of a drop floats nothing, and is too little to take a density of.
    private const double NoLiquid = 1e-6;

    private readonly CupVessel glass;
    private double foamAir;
    private double capMm;
    private HeatContent heat;
    private double topDrink;
    private double topSolids;
    private double topSweet;

    /// <summary>An empty cup.</summary>
    public Tally(CupVessel glass) => this.glass = glass;

    /// <summary>Mass of everything that is not ice and stands neither on top nor on the glass, condensed steam and what
    /// a coffee took up from the ice it was cooled over with it, g.</summary>
    public double LiquidMass { get; private set; }

    /// <summary>Its volume without foam, ml: the sum of the volumes (that liquids shrink a little when they are mixed
    /// is left out).</summary>
    public double LiquidVolume { get; private set; }

    /// <summary>Mass of the ice, g.</summary>
    public double IceMass { get; private set; }

    /// <summary>Mass of the ice cream in the drink, g; it is part of the liquid too.</summary>
    public double Scoops { get; private set; }

    /// <summary>Volume of the ice heaped by itself, gaps and all, ml.</summary>
    public double IceHeap { get; private set; }

    /// <summary>Volume of what stands on top, ml.</summary>
    public double OnTop { get; private set; }

    /// <summary>Mass of all that goes into, onto and around the drink, g.</summary>
    public double TotalMass { get; private set; }

    /// <summary>Mass of the coffee, in parts and on top too, g.</summary>
    public double Coffee { get; private set; }

    /// <summary>Mass of the milk as it was poured, without steam, in parts too, g.</summary>
    public double Milk { get; private set; }

    /// <summary>Condensed steam, g.</summary>
    public double Condensate { get; private set; }

    /// <summary>Water from the ice that a coffee was cooled over, g.</summary>
    public double CoolingMelt { get; private set; }

    /// <summary>Coffee solids in the liquid, g; NaN when not known.</summary>
    public double Solids { get; private set; }

    /// <summary>Sucrose that tastes as sweet as the liquid's sugars, g; NaN when not known.</summary>
    public double Sweet { get; private set; }

    /// <summary>Coffee solids in the ice, g; NaN when not known.</summary>
    public double IceSolids { get; private set; }

    /// <summary>The same as <see cref="Sweet"/>, in the ice.</summary>
    public double IceSweet { get; private set; }

    /// <summary>The heat of everything, with the heat of the blades if it is blended.</summary>
    public readonly HeatContent Heat =>
        IsBlended && LiquidMass > NoLiquid ? heat with { LiquidHeat = heat.LiquidHeat + Blender.Work } : heat;

    /// <summary>Whether the ice is in the drink whole.</summary>
    public readonly bool IsBlended => glass.IsBlended;

    /// <summary>Air that foaming, shaking or blending has put in, ml. A cap that is so many millimetres thick is as
    /// much as stands so high in the cup on what else is in it.</summary>
    public readonly double Air
    {
        get
        {
            var air = foamAir + (glass.Overrun * DrinkVolume);
            if (capMm <= 0)
            {
                return air;
            }

            var surface = LevelsUnder(air).Surface;
            var from = glass.Cup.HeightFor(Millilitres.From(surface));
            var to = from + Millimetres.From(capMm);
            var beyond = Math.Max(0, (to - glass.Cup.Shape.Height).Value) * glass.Cup.Shape.MlPerMillimetreOfBrim;
            return air + glass.Cup.VolumeTo(to).Value - Math.Min(surface, glass.Cup.BrimCapacity.Value) + beyond;
        }
    }

    /// <summary>Volume of the drink without its foam, ml: the liquid, and where the ice is blended in, the ice with
    /// it.</summary>
    public readonly double DrinkVolume => LiquidVolume + (IsBlended ? IceMass / IceFacts.Density.Value : 0);

    /// <summary>How high it all stands.</summary>
    public readonly Levels Levels => LevelsUnder(Air);

    /// <summary>Volume of the cup that is taken up, ml: up to the foam, or to the top of the ice where that sticks
    /// out.</summary>
    public readonly double Occupied => Levels.Top;

    /// <summary>Volume below the surface of the drink, ml.</summary>
    public readonly double Surface => Levels.Surface;

    /// <summary>Mass of the drink as poured, g: the liquid, what coffee stands on top, and the ice where it is blended
    /// in.</summary>
    public readonly double DrinkMass => LiquidMass + topDrink + (IsBlended ? IceMass : 0);

    /// <summary>Coffee solids as a share of the drink as poured, by mass; NaN when not known or the cup is
    /// empty.</summary>
    public readonly double Strength => StrengthWith(IsBlended ? IceMass : 0);

    /// <summary>Sweetness as a share of the drink as poured, by mass; NaN when not known or the cup is empty.</summary>
    public readonly double Sweetness => SweetnessWith(IsBlended ? IceMass : 0);

    /// <summary>Puts a line in.</summary>
    /// <param name="line">The line.</param>
    /// <param name="grams">How much of it.</param>
    public void Add(LineFacts line, double grams)
    {
        if (grams <= 0)
        {
            return;
        }

        TotalMass += grams;
        if (line.PourPlace == PourPlace.OnTheGlass)
        {
            return;
        }

        Coffee += grams * line.Ingredient.CoffeeShare;
        Milk += line.IsOnTop ? 0 : grams * line.Ingredient.MilkShare;
        if (line.IsOnTop)
        {
            OnTop += grams * line.VolumePerGram;
            if (line.Ingredient.CoffeeShare > 0)
            {
                // Whipped coffee is stirred in when it is drunk: its solids and its sugar are the drink's.
                topDrink += grams;
                topSolids += grams * (line.Solids ?? double.NaN);
                topSweet += grams * (line.Sweetness ?? double.NaN);
            }

            return;
        }

        if (line.IsIce)
        {
            IceMass += grams;
            IceHeap += grams * line.HeapPerGram;
            IceSolids += grams * (line.Solids ?? double.NaN);
            IceSweet += grams * (line.Sweetness ?? double.NaN);
            heat = heat with
            {
                IceMass = heat.IceMass + grams,
                IceCold = heat.IceCold - (grams * line.Capacity * line.Temperature),
            };
            return;
        }

        Scoops += line.Ingredient.IsFrozen ? grams : 0;
        var steam = grams * line.CondensatePerGram;
        var melt = grams * line.MeltPerGram;
        var volume = (grams * line.VolumePerGram) + steam + melt;
        LiquidMass += grams + steam + melt;
        TotalMass += steam + melt;
        LiquidVolume += volume;
        foamAir += volume * line.Overrun;
        capMm += line.FoamCap;
        Condensate += steam;
        CoolingMelt += melt;
        Solids += grams * (line.Solids ?? double.NaN);
        Sweet += grams * (line.Sweetness ?? double.NaN);
        var capacity = (grams * line.Capacity) + ((steam + melt) * Water.SpecificHeat);
        heat = heat with
        {
            LiquidHeat = heat.LiquidHeat + (capacity * line.Temperature) - (grams * line.MeltHeat),
            LiquidCapacity = heat.LiquidCapacity + capacity,
            MeltHeat = heat.MeltHeat + (grams * line.MeltHeat),
        };
    }

    /// <summary>The cup's room with so many times the liquid of another in it: enough to ask how full it is, and no
    /// more.</summary>
    public readonly Tally WithLiquidOf(Tally other, double times)
    {
        var sum = this;
        sum.LiquidMass += times * other.LiquidMass;
        sum.LiquidVolume += times * other.LiquidVolume;
        sum.foamAir += times * other.foamAir;
        sum.capMm += other.capMm;
        return sum;
    }

    /// <summary>Strength as a share, once so much of the ice has melted.</summary>
    public readonly double StrengthWith(double melt) =>
        (Solids + topSolids + IceShare(IceSolids, melt)) / (LiquidMass + topDrink + melt);

    /// <summary>Sweetness as a share, once so much of the ice has melted.</summary>
    public readonly double SweetnessWith(double melt) =>
        (Sweet + topSweet + IceShare(IceSweet, melt)) / (LiquidMass + topDrink + melt);

    /// <summary>The cup once so much of its ice has melted, for its room; solids and sugars of the ice are left where
    /// they were.</summary>
    /// <param name="melt">Grams of ice turned to water; at most the ice there is.</param>
    public readonly Tally Melted(double melt)
    {
        var left = IceMass > 0 ? Math.Max(0, 1 - (melt / IceMass)) : 0;
        var after = this;
        after.LiquidMass += IceMass * (1 - left);
        after.LiquidVolume += IceMass * (1 - left) / Water.AtMelting;
        after.IceMass *= left;
        after.IceHeap *= left;
        return after;
    }

    // A heap floats as soon as the liquid in its gaps reaches as high as the part of it that is under when it floats:
    // liquid ÷ (1 − fraction) ≥ ice ÷ (fraction × the liquid's density). Until then the liquid stands in its gaps. Foam
    // fills the gaps of what sticks out, and then stands over it.
    private readonly Levels LevelsUnder(double air)
    {
        if (IsBlended || IceHeap <= 0)
        {
            return new Levels(DrinkVolume, DrinkVolume + air, DrinkVolume, DrinkVolume);
        }

        var gaps = 1 - (IceMass / IceFacts.Density.Value / IceHeap);
        var density = LiquidVolume > NoLiquid ? LiquidMass / LiquidVolume : Water.AtMelting;
        var under = Math.Min(IceHeap, IceHeap * IceFacts.Density.Value / density);
        var isAfloat = LiquidVolume / gaps >= under;
        var liquid = isAfloat ? LiquidVolume + (IceMass / density) : LiquidVolume / gaps;
        var top = isAfloat ? liquid + IceHeap - under : IceHeap;
        var room = (top - liquid) * gaps;
        return new Levels(liquid, air <= room ? liquid + (air / gaps) : top + air - room, top - IceHeap, top);
    }

    private readonly double IceShare(double inIce, double melt) => IceMass > 0 && melt > 0 ? inIce * melt / IceMass : 0;
}
