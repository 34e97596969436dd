using Krasis.Core.Builds;
using Krasis.Core.Changing.Comparing;

namespace Krasis.Web.Features.Versions;

/// <summary>A standard that the bar has moved, written so that it pours what it poured.</summary>
/// <param name="Document">The build with its amounts said anew; nothing is kept of it.</param>
/// <param name="Changes">What is changed by that, in plain words; empty when nothing would bring it nearer.</param>
public sealed record AdjustedView(BuildDocument Document, IReadOnlyList<Difference> Changes);
