using Krasis.Core.Bar.Cups;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Mixing;

/// <summary>What scaling knows of a size.</summary>
/// <param name="CupVessel">The cup, and what the way of serving does in it.</param>
/// <param name="Reserve">Height kept free below the brim.</param>
/// <param name="WorkingVolume">What the cup holds below the build's reserve; above zero.</param>
/// <param name="Growth">How much larger it is than the reference size.</param>
internal sealed record ScaledSize(CupVessel CupVessel, Millimetres Reserve, Millilitres WorkingVolume, Growth Growth)
{
    /// <summary>The cup.</summary>
    public Cup Cup => CupVessel.Cup;
}
