using Krasis.Core.Bar;
using Krasis.Core.Judging;

namespace Krasis.Web.Features.Quantities;

/// <summary>A quantity that was read.</summary>
/// <param name="Amount">How much.</param>
/// <param name="Poured">The nearest to it that the bar pours.</param>
/// <param name="Measure">The code of the measure.</param>
/// <param name="Equivalents">The same in every measure in which this bar can say it.</param>
/// <param name="To">The mark that was said, as it is kept with the line: "to the milk line"; null for an amount.</param>
/// <param name="Objection">Why what was typed contradicts itself at this bar; null when it does not.</param>
/// <param name="Sheet">The build with it in its place, worked out; null when that was not asked for or cannot be done.</param>
public sealed record QuantityView(double Amount, double Poured, string Measure, IReadOnlyList<Equivalent> Equivalents, string? To, string? Objection, BuildSheet? Sheet);
