using Krasis.Core.Changing.Moving;
using Krasis.Exchange.Pantry;

namespace Krasis.App.Pantry;

/// <summary>What a pantry file would do.</summary>
/// <param name="Rows">Its rows.</param>
/// <param name="Problems">What is wrong with the file as a whole; nothing of it can be kept then.</param>
/// <param name="Conflict">What of the bar would keep its good rows from being kept; null when nothing would.</param>
/// <param name="BadRows">The bad rows as a file of their own, each with its reason; null when there are none, or the
/// file is JSON.</param>
/// <param name="Moved">The builds that the good rows would move.</param>
public sealed record PantryCheck(
    IReadOnlyList<PantryRowView> Rows,
    IReadOnlyList<PantryProblem> Problems,
    string? Conflict,
    string? BadRows,
    IReadOnlyList<BuildMove> Moved
);
