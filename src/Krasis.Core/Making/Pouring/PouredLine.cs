using Krasis.Core.Builds.Lines;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Pouring;

/// <summary>What has really gone into the cup of a line.</summary>
/// <param name="Line">The line.</param>
/// <param name="Grams">All of it that is in.</param>
public sealed record PouredLine(LineId Line, Grams Grams);
