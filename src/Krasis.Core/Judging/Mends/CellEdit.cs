using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;

namespace Krasis.Core.Judging.Mends;

/// <summary>A new amount for one cell of the sheet.</summary>
/// <param name="Line">The line.</param>
/// <param name="Size">The size; the reference size's own quantity when it is that one, a pin otherwise.</param>
/// <param name="Amount">The amount, in the line's measure.</param>
public sealed record CellEdit(LineId Line, CupId Size, double Amount)
{
    /// <summary>To where it fills the cup instead, as <see cref="LineDocument.To"/>: at the reference size for every
    /// size, else for this one; null for an amount.</summary>
    public string? To { get; init; }

    /// <summary>What the card says the amount is in another measure; null leaves what it says, empty takes it
    /// out.</summary>
    public string? Stated { get; init; }
}
