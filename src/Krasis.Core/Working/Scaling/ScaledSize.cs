using Krasis.Core.Bar.Cups;
using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Scaling;

/// <summary>What scaling knows of a size.</summary>
/// <param name="Cup">The cup.</param>
/// <param name="WorkingVolume">What the cup holds below the build's reserve; above zero.</param>
/// <param name="Growth">How much larger it is than the reference size.</param>
public sealed record ScaledSize(Cup Cup, Millilitres WorkingVolume, Growth Growth);
