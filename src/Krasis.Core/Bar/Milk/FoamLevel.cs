using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Milk;

/// <summary>A way of foaming: how much the milk grows, and from where to where it is warmed.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the house calls it.</param>
/// <param name="Overrun">Volume gained by foaming, as a fraction.</param>
/// <param name="Thirds">Which third it is meant to be; null when the house does not count in thirds.</param>
/// <param name="IsCold">Whether it is foamed without steam.</param>
/// <param name="From">How warm the milk is before.</param>
/// <param name="To">How warm it is after.</param>
/// <param name="Steam">How hot the steam is.</param>
public sealed record FoamLevel(FoamId Id, string Name, double Overrun, int? Thirds, bool IsCold, Celsius From, Celsius To, Celsius Steam)
{
    /// <summary>Grams of steam that condense into a gram of milk of a specific heat.</summary>
    public double CondensatePerGram(SpecificHeat milk) => IsCold ? 0 : SteamHeat.CondensatePerGram(milk, From, To, Steam);
}
