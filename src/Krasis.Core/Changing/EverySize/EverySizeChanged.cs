using Krasis.Core.Builds;

namespace Krasis.Core.Changing.EverySize;

/// <summary>A build with one thing changed in every size, worked out so that the user can look at it before accepting
/// it.</summary>
/// <param name="Build">The build with the change.</param>
/// <param name="Sizes">Every size before and after.</param>
/// <param name="Said">A sentence for each place where the bar cannot pour the change exactly.</param>
/// <param name="Troubles">A sentence for each problem that the change brings: what the checks did not find before, and
/// what is further beyond the house's limits than before.</param>
public sealed record EverySizeChanged(
    BuildDocument Build,
    IReadOnlyList<ChangedSize> Sizes,
    IReadOnlyList<string> Said,
    IReadOnlyList<string> Troubles
);
