using Krasis.Core.Changing.Comparing;
using Krasis.Core.Changing.Publishing;

namespace Krasis.App.Standards;

/// <summary>What would become of publishing a build now.</summary>
/// <param name="Number">The number that the standard would have.</param>
/// <param name="Check">What stands against it and what is not known.</param>
/// <param name="Changes">What is different from the last standard; empty for the first.</param>
/// <param name="Trouble">Why the build cannot be worked out today; null when it can.</param>
public sealed record PublishView(long Number, PublishCheck Check, IReadOnlyList<Difference> Changes, string? Trouble);
