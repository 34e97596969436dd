using Krasis.Core.Builds.Lines;

namespace Krasis.Core.Judging.Mends;

/// <summary>A change of a line that is not an amount.</summary>
/// <param name="Line">The line.</param>
/// <param name="Field">What of it changes.</param>
/// <param name="Value">To what; see <see cref="LineField"/>.</param>
public sealed record LineChange(LineId Line, LineField Field, string? Value);
