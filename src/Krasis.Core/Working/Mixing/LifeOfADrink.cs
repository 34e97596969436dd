using Krasis.Core.Bar.House;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Heat;

namespace Krasis.Core.Working.Mixing;

/// <summary>Follows a drink from hand-over to twenty minutes later.</summary>
internal static class LifeOfADrink
{
    private static readonly double[] Later = [10, 20];

    /// <summary>The drink's moments.</summary>
    /// <remarks>How much of the melt that the drink's heat is good for has happened at hand-over is the technique's: mixed,
    /// shaken or blended all of it, layered the house's share.</remarks>
    public static List<Moment> Of(WorkedSize size, Serve serve, HouseRules house, IReadOnlyList<Boundary> boundaries)
    {
        var content = size.Poured;
        var heat = content.Heat;
        var melted = heat.Potential * (serve == Serve.Layered ? house.LayeredMelt.Value / 100 : 1);
        var moments = new List<Moment>(3) { At(0, melted, heat.TemperatureAfter(melted)) };
        if (size.Size.Cup.HeatLoss is { } loss)
        {
            foreach (var minutes in Later)
            {
                var (total, temperature) = Cooling.After(heat, melted, loss, house.Room, Minutes.From(minutes));
                moments.Add(At(minutes, total, temperature));
            }
        }

        return moments;

        Moment At(double minutes, double melt, Celsius temperature)
        {
            // Blended ice is in the drink whole, melted or not.
            var water = serve == Serve.Blended ? content.IceMass : melt;
            return new Moment(
                Minutes.From(minutes),
                Grams.From(melt),
                Grams.From(content.IceMass - melt),
                temperature,
                Finite(content.StrengthWith(water) * 100) is { } strength ? Percent.From(strength) : null,
                Finite(content.SweetnessWith(water) * 100) is { } sweetness ? GramsPer100Grams.From(sweetness) : null,
                CupDrawing.Of(size, serve, boundaries, melt));
        }

        static double? Finite(double value) => double.IsFinite(value) ? value : null;
    }
}
