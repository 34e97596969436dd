using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Heat;

/// <summary>What the room does to a drink that stands.</summary>
public static class Cooling
{
    /// <summary>The drink after a while.</summary>
    /// <param name="heat">What is in the cup, as it was put together.</param>
    /// <param name="melted">How much of the ice has melted by hand-over, g.</param>
    /// <param name="loss">What the cup loses, W/K.</param>
    /// <param name="room">The room.</param>
    /// <param name="time">How long it stands.</param>
    /// <returns>How much of the ice has melted since it was put together, g, and how warm the liquid is.</returns>
    /// <remarks>While ice is left the drink comes to 0 °C: its own heat and UA·T_room·t melt ice. Once it is gone, and in a
    /// drink without ice, the temperature nears the room's as e^(−UA·t ÷ C) (Newton's law of cooling).</remarks>
    public static (double Melted, Celsius Temperature) After(HeatContent heat, double melted, WattsPerKelvin loss, Celsius room, Minutes time)
    {
        var seconds = time.Value * 60;
        var left = heat.IceMass - melted;
        if (left <= 1e-9)
        {
            return (melted, Relax(heat.TemperatureAfter(melted), heat.LiquidCapacity + (melted * SteamHeat.Water), loss, room, seconds));
        }

        // Heat still in the liquid goes to the ice first; then the room's, at 0 °C all the while.
        var own = Math.Max(0, heat.Total - (melted * HeatContent.Fusion));
        var power = Math.Max(0, loss.Value * room.Value);
        var need = left * HeatContent.Fusion;
        if (own + (power * seconds) < need)
        {
            return (melted + ((own + (power * seconds)) / HeatContent.Fusion), Celsius.From(0));
        }

        var capacity = heat.LiquidCapacity + (heat.IceMass * SteamHeat.Water);
        var warm = Celsius.From(Math.Max(0, own - need) / capacity);
        var gone = power > 0 ? Math.Max(0, need - own) / power : 0;
        return (heat.IceMass, Relax(warm, capacity, loss, room, Math.Max(0, seconds - gone)));
    }

    private static Celsius Relax(Celsius from, double capacity, WattsPerKelvin loss, Celsius room, double seconds) =>
        capacity <= 0 ? from : Celsius.From(room.Value + ((from.Value - room.Value) * Math.Exp(-loss.Value * seconds / capacity)));
}
