using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Cups;

/// <summary>A cup filled level with water and weighed: the only capacity that can be trusted.</summary>
/// <param name="Water">The water's mass, the empty cup taken off.</param>
/// <param name="Temperature">The water's temperature.</param>
public sealed record BrimWeighing(Grams Water, Celsius Temperature)
{
    /// <summary>The volume of the water. The lift of the air (0.1 %) is less than a kitchen scale shows and is left
    /// out.</summary>
    public Millilitres Capacity => Water / WaterDensity.At(Temperature);

    /// <summary>What would have been weighed of a cup that holds so much, where nobody has weighed it.</summary>
    internal static BrimWeighing Of(Millilitres capacity) => new(capacity * WaterDensity.At(Unweighed), Unweighed);

    /// <summary>As cold as water is densest.</summary>
    internal static Celsius Unweighed { get; } = Celsius.From(4);
}
