using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Heat;

/// <summary>What the room does to a drink that stands.</summary>
public static class Cooling
{
    /// <summary>The drink after a while.</summary>
    /// <param name="heat">What is in the cup.</param>
    /// <param name="loss">What the cup loses, W/K.</param>
    /// <param name="room">The room.</param>
    /// <param name="time">How long it stands.</param>
    /// <remarks>While ice is left the drink comes to 0 °C: its own heat and UA·T_room·t warm and melt ice. Once it is
    /// gone, and in a drink without ice, the temperature nears the room's as e^(−UA·t ÷ C) (Newton's law of
    /// cooling). What is frozen of ice cream melts before that.</remarks>
    public static HeatContent After(HeatContent heat, WattsPerKelvin loss, Celsius room, Minutes time)
    {
        var seconds = time.Value * 60;
        if (heat.IceMass <= 0)
        {
            return Relax(heat, loss, room, seconds);
        }

        var power = Math.Max(0, loss.Value * room.Value);
        var need = Math.Max(0, (heat.IceMass * IceFacts.Fusion) - heat.Total);
        if (power * seconds < need)
        {
            return heat.Warmed(power * seconds);
        }

        return Relax(heat.Warmed(need), loss, room, power > 0 ? seconds - (need / power) : seconds);
    }

    private static HeatContent Relax(HeatContent heat, WattsPerKelvin loss, Celsius room, double seconds)
    {
        if (heat.LiquidCapacity <= 0)
        {
            return heat;
        }

        // What is still frozen of ice cream melts first, and keeps the rest as cold as it is.
        var molten = FrozenScoop.FirstIce * heat.LiquidCapacity;
        if (heat.MeltHeat > 0 && heat.LiquidHeat < molten)
        {
            var power = loss.Value * Math.Max(0, room.Value - heat.Temperature.Value);
            var need = molten - heat.LiquidHeat;
            return power * seconds < need
                ? heat with
                {
                    LiquidHeat = heat.LiquidHeat + (power * seconds),
                }
                : Relax(heat with { LiquidHeat = molten }, loss, room, seconds - (need / power));
        }

        var after =
            room.Value
            + ((heat.Temperature.Value - room.Value) * Math.Exp(-loss.Value * seconds / heat.LiquidCapacity));
        return heat with { LiquidHeat = after * heat.LiquidCapacity };
    }
}
