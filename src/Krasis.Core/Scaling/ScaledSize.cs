using Krasis.Core.Measures;
using Krasis.Core.Vessels;

namespace Krasis.Core.Scaling;

/// <summary>What scaling may know of a size.</summary>
/// <param name="Cup">The cup.</param>
/// <param name="WorkingVolume">What the cup holds below the build's reserve; above zero.</param>
public sealed record ScaledSize(Cup Cup, Millilitres WorkingVolume);
