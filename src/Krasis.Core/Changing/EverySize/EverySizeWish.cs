using Krasis.Core.Builds;

namespace Krasis.Core.Changing.EverySize;

/// <summary>One thing that is to change in every size; exactly one of these is given.</summary>
public sealed record EverySizeWish
{
    /// <summary>A line that changes by the same amount in every size.</summary>
    public MoreOfLine? Line { get; init; }

    /// <summary>The share of its syrups and sauces that the drink keeps, %: 75, 50 or 25.</summary>
    public double? Sweet { get; init; }

    /// <summary>The drink whose strength it gets.</summary>
    public BuildDocument? StrongAs { get; init; }
}

/// <summary>More or less of one line.</summary>
/// <param name="Line">The line's id.</param>
/// <param name="By">How much more, in the line's own measure; negative for less. −1 is one stroke less of a line in
/// strokes.</param>
public sealed record MoreOfLine(string? Line, double? By);
