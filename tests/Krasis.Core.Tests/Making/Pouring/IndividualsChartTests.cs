using Krasis.Core.Making.Pouring;

namespace Krasis.Core.Tests.Making.Pouring;

/// <summary>Charts of single values.</summary>
public class IndividualsChartTests
{
    /// <summary>NIST/SEMATECH e-Handbook of Statistical Methods 6.3.2.2, ten batches of a flow rate (values and results
    /// from memory).</summary>
    [Fact]
    public void The_handbook_s_flow_rates_have_the_handbook_s_limits()
    {
        var chart = IndividualsChart.Of([49.6, 47.6, 49.9, 51.3, 47.8, 51.2, 52.6, 52.4, 53.6, 52.1]);

        Assert.Equal(50.81, chart.Centre, 2);
        Assert.Equal(1.8778, chart.RangeCentre, 4);

        // The handbook reckons with d2 = 1.128, the chart with 2 ÷ √π.
        Assert.Equal(55.8041, chart.Upper, 2);
        Assert.Equal(45.8159, chart.Lower, 2);
        Assert.Empty(chart.Out);
    }

    /// <summary>d₂ and D₄ of n = 2 as tables for control charts have them (common practice; ISO 7870-2, from
    /// memory).</summary>
    [Fact]
    public void The_constants_are_the_tables_()
    {
        Assert.Equal(1.128, IndividualsChart.D2, 3);
        Assert.Equal(0.853, IndividualsChart.D3, 3);
        Assert.Equal(3.267, 1 + (3 * IndividualsChart.D3 / IndividualsChart.D2), 3);
        Assert.Equal(2.66, 3 / IndividualsChart.D2, 2);

        // The tables' numbers on a chart: values that go up and down by 1 have a mean range of 1.
        var chart = IndividualsChart.Of([10, 11, 10, 11, 10, 11]);
        Assert.Equal((10.5, 1.0), (chart.Centre, chart.RangeCentre));
        Assert.Equal(10.5 + 2.66, chart.Upper, 0.002);
        Assert.Equal(10.5 - 2.66, chart.Lower, 0.002);
        Assert.Equal(3.267, chart.RangeUpper, 0.001);
    }

    [Fact]
    public void A_value_just_beyond_a_limit_is_out_and_one_on_it_is_not()
    {
        // Mean 0, mean range 2: limits at ± 6 ÷ d₂ = ± 5.317.
        var steady = Enumerable.Range(0, 200).Select(i => i % 2 == 0 ? 1.0 : -1.0).ToList();
        var chart = IndividualsChart.Of(steady);
        var on = chart with { Values = [chart.Upper, chart.Lower, chart.Upper + 1e-6, chart.Lower - 1e-6] };

        Assert.Equal([2, 3], on.Out);
    }

    [Fact]
    public void Nothing_and_a_single_value_have_no_limits()
    {
        Assert.True(double.IsNaN(IndividualsChart.Of([]).Centre));
        var one = IndividualsChart.Of([3]);
        Assert.Equal(3, one.Centre);
        Assert.True(double.IsNaN(one.Upper) && double.IsNaN(one.RangeUpper));
        Assert.Empty(one.Out);
    }
}
