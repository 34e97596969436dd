using Krasis.Core.Bar;

namespace Krasis.App.Quantities;

/// <summary>A quantity that was read.</summary>
/// <param name="Amount">How much.</param>
/// <param name="Poured">The nearest to it that the bar pours.</param>
/// <param name="Measure">The code of the measure.</param>
/// <param name="Equivalents">The same in every measure in which this bar can say it.</param>
/// <param name="To">The mark that was said, as it is kept with the line: "to the milk line"; null for an
/// amount.</param>
/// <param name="Objection">Why what was typed contradicts itself at this bar, or what is to be asked of it; null when
/// nothing.</param>
public sealed record QuantityView(
    double Amount,
    double Poured,
    string Measure,
    IReadOnlyList<Equivalent> Equivalents,
    string? To,
    string? Objection
);
