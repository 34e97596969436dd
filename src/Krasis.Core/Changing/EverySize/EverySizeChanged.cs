using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Changing.EverySize;

/// <summary>A build with one thing changed in every size: applied and worked out, to be looked at before it is
/// kept.</summary>
/// <param name="Build">The build with the change.</param>
/// <param name="Sizes">What every size comes to.</param>
/// <param name="Said">What is to be told of it, a sentence each: where the bar could not pour it exactly.</param>
/// <param name="NewFindings">What the checks find that they did not find before.</param>
/// <param name="IsWorse">Whether anything in any size stands further beyond what the house allows than before.</param>
public sealed record EverySizeChanged(
    BuildDocument Build,
    IReadOnlyList<ChangedSize> Sizes,
    IReadOnlyList<string> Said,
    IReadOnlyList<Finding> NewFindings,
    bool IsWorse
);
