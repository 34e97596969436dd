namespace Krasis.Core.Making.Pouring;

/// <summary>A chart of single values and of how far each is from the one before: what a steady process does by itself,
/// and what it does not.</summary>
/// <param name="Values">The values, in the order in which they came.</param>
/// <param name="Ranges">How far each but the first is from the one before.</param>
/// <param name="Centre">Their mean; NaN of none.</param>
/// <param name="Lower">Below this a value is no chance; NaN of fewer than two.</param>
/// <param name="Upper">Above this a value is no chance; NaN of fewer than two.</param>
/// <param name="RangeCentre">The mean of the ranges; NaN of fewer than two.</param>
/// <param name="RangeUpper">Above this a range is no chance; NaN of fewer than two.</param>
public sealed record IndividualsChart(
    IReadOnlyList<double> Values,
    IReadOnlyList<double> Ranges,
    double Centre,
    double Lower,
    double Upper,
    double RangeCentre,
    double RangeUpper
)
{
    /// <summary>The mean range of two values of a normal distribution, in standard deviations: 2 ÷ √π. d₂ of n = 2 in
    /// tables for control charts, 1.128 (NIST/SEMATECH e-Handbook of Statistical Methods 6.3.2, from memory).</summary>
    public static readonly double D2 = 2 / Math.Sqrt(Math.PI);

    /// <summary>The standard deviation of that range, in standard deviations: √(2 − 4 ÷ π). d₃ of n = 2, 0.853 (as
    /// <see cref="D2"/>).</summary>
    public static readonly double D3 = Math.Sqrt(2 - (4 / Math.PI));

    /// <summary>Draws up a chart.</summary>
    /// <remarks>Limits at three standard deviations, as the moving range of two tells them: x̄ ± 3·MR̄ ÷ d₂, and MR̄·(1
    /// + 3·d₃ ÷ d₂) (NIST/SEMATECH e-Handbook 6.3.2.2, from memory).</remarks>
    public static IndividualsChart Of(IReadOnlyList<double> values)
    {
        var ranges = values.Skip(1).Zip(values, (now, before) => Math.Abs(now - before)).ToList();
        var centre = values.Count > 0 ? values.Average() : double.NaN;
        var range = ranges.Count > 0 ? ranges.Average() : double.NaN;
        var reach = 3 * range / D2;
        return new IndividualsChart(
            values,
            ranges,
            centre,
            centre - reach,
            centre + reach,
            range,
            range * (1 + (3 * D3 / D2))
        );
    }

    /// <summary>The places of the values that are no chance.</summary>
    public IReadOnlyList<int> Out =>
        [.. Enumerable.Range(0, Values.Count).Where(i => Values[i] < Lower - 1e-9 || Values[i] > Upper + 1e-9)];
}
