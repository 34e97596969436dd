using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Scaling;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Changing.Stations;

/// <summary>A build as a station pours it.</summary>
/// <param name="Build">The build with what is said there.</param>
/// <param name="Bar">The bar as seen from there.</param>
/// <param name="Scaling">What its sizes follow.</param>
internal sealed record TurnedBuild(Build Build, BarFacts Bar, IScaling Scaling)
{
    /// <summary>Works it out.</summary>
    public BuildSheet Mix() => Mixer.Mix(Build, Bar, Scaling);
}
