using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Heat;

/// <summary>The heat of what is in a cup, reckoned from liquid and ice at 0 °C. Nothing is lost in it: what the liquid
/// gives, the ice takes.</summary>
/// <param name="LiquidHeat">Σ m·c·T of all that is not ice, J.</param>
/// <param name="LiquidCapacity">Σ m·c of all that is not ice, J/K.</param>
/// <param name="IceMass">Mass of the ice, g.</param>
/// <param name="IceCold">What warms the ice to 0 °C, J; zero or more.</param>
public readonly record struct HeatContent(double LiquidHeat, double LiquidCapacity, double IceMass, double IceCold)
{
    /// <summary>Heat that melts what came in frozen in ice cream, J; it is taken off <see cref="LiquidHeat"/> already.
    /// Zero where there is no ice cream.</summary>
    public double MeltHeat { get; init; }

    /// <summary>What the whole holds above ice and liquid at 0 °C, J; below zero where the ice is colder than the drink
    /// can warm.</summary>
    public double Total => LiquidHeat - IceCold;

    /// <summary>The most ice that the drink's own heat melts, g: Q ÷ 333.5, at most all of it.</summary>
    public double Potential => Math.Clamp(Total / IceFacts.Fusion, 0, IceMass);

    /// <summary>How warm the liquid is. With ice cream that the drink cannot melt whole it stays where that begins to
    /// freeze, or as cold as it comes.</summary>
    public Celsius Temperature
    {
        get
        {
            if (LiquidCapacity <= 0 || Math.Abs(LiquidHeat) < 1e-9)
            {
                return Celsius.From(0);
            }

            var melted = LiquidHeat / LiquidCapacity;
            return MeltHeat <= 0 || melted >= FrozenScoop.FirstIce
                ? Celsius.From(melted)
                : Celsius.From(Math.Min(FrozenScoop.FirstIce, melted + (MeltHeat / LiquidCapacity)));
        }
    }

    /// <summary>The same with a cup that shares its heat with the liquid.</summary>
    /// <param name="capacity">What warms the cup by a kelvin, J/K.</param>
    /// <param name="cup">How warm the cup is.</param>
    public HeatContent WithCup(double capacity, Celsius cup) =>
        this with
        {
            LiquidHeat = LiquidHeat + (capacity * cup.Value),
            LiquidCapacity = LiquidCapacity + capacity,
        };

    /// <summary>Lets liquid and ice come to a share of the way to where they would end: first the ice is warmed to 0
    /// °C, and then it melts. The liquid comes no lower than 0 °C: ice that is too cold for it stays cold, and freezes
    /// nothing.</summary>
    /// <param name="share">From 0 to 1.</param>
    public HeatContent Exchanged(double share)
    {
        if (IceMass <= 0 || LiquidHeat <= 0)
        {
            return this;
        }

        var melt = share * Potential;
        var cold = share * Math.Min(IceCold, LiquidHeat);
        return Taking(melt, cold, 0);
    }

    /// <summary>Takes in heat from the room while there is ice: the liquid comes to 0 °C, and what is left over warms
    /// and melts ice.</summary>
    /// <param name="heat">What the room gives, J; zero or more, and no more than melts all the ice.</param>
    public HeatContent Warmed(double heat)
    {
        var over = Total + heat;
        var melt = Math.Clamp(over / IceFacts.Fusion, 0, IceMass);
        return Taking(melt, over >= 0 ? IceCold : LiquidHeat + heat, heat);
    }

    private HeatContent Taking(double melt, double cold, double heat)
    {
        var left = IceMass - melt;
        return new(
            LiquidHeat + heat - cold - (melt * IceFacts.Fusion),
            LiquidCapacity + (melt * Water.SpecificHeat),
            left < 1e-12 ? 0 : left,
            Math.Max(0, IceCold - cold)
        )
        {
            MeltHeat = MeltHeat,
        };
    }
}
