using CsCheck;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Quantities;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Vessels;

public class FrustumTests
{
    // Worked by hand from V = πh/3 · (r₀² + r₀r + r²).
    [Theory]
    [InlineData(80, 55, 100, 361.94)]
    [InlineData(87, 58, 110, 460.16)]
    public void Holds_what_the_worked_examples_hold(double top, double bottom, double height, double millilitres) =>
        Assert.Equal(millilitres, Frustum(top, bottom, height).Capacity.Value, 0.005);

    [Fact]
    public void Agrees_with_the_area_summed_slice_by_slice()
    {
        // Simpson's rule is exact for the square of a straight line, so this is the integral itself.
        Gens.Seeded()
            .Sample(frustum =>
            {
                var (a, b) = (frustum.Bottom.Value / 2, frustum.Top.Value / 2);
                var middle = (a + b) / 2;
                var integral = Math.PI * frustum.Height.Value / 6 * ((a * a) + (4 * middle * middle) + (b * b)) / 1000;
                return Close(integral, frustum.Capacity.Value, 1e-12);
            });
    }

    [Fact]
    public void Height_and_volume_lead_back_to_each_other() =>
        Gen.Select(Gens, Gen.Double[0, 1])
            .Seeded()
            .Sample(
                (frustum, share) =>
                {
                    var height = Millimetres.From(frustum.Height.Value * share);
                    var volume = Millilitres.From(frustum.Capacity.Value * share);
                    return Close(height.Value, frustum.HeightFor(frustum.VolumeTo(height)).Value, 1e-9)
                        && Close(volume.Value, frustum.VolumeTo(frustum.HeightFor(volume)).Value, 1e-9);
                }
            );

    [Fact]
    public void A_wall_that_is_hardly_aslant_is_as_exact_as_any_other() =>
        Gen.Select(Gen.Double[-1e-6, 1e-6], Gen.Double[0, 1])
            .Seeded()
            .Sample(
                (aslant, share) =>
                {
                    var frustum = Frustum(70 + aslant, 70, 100);
                    var height = Millimetres.From(100 * share);
                    return Close(height.Value, frustum.HeightFor(frustum.VolumeTo(height)).Value, 1e-9);
                }
            );

    [Fact]
    public void More_volume_never_stands_lower() =>
        Gen.Select(Gens, Gen.Double[0, 1], Gen.Double[0, 1])
            .Seeded()
            .Sample(
                (frustum, one, other) =>
                {
                    var low = Millilitres.From(frustum.Capacity.Value * Math.Min(one, other));
                    var high = Millilitres.From(frustum.Capacity.Value * Math.Max(one, other));
                    return frustum.HeightFor(low) <= frustum.HeightFor(high);
                }
            );

    [Fact]
    public void Beyond_its_ends_the_nearer_end_is_given()
    {
        var frustum = Frustum(80, 55, 100);

        Assert.Equal(0, frustum.VolumeTo(Millimetres.From(-5)).Value);
        Assert.Equal(frustum.Capacity, frustum.VolumeTo(Millimetres.From(500)));
        Assert.Equal(100, frustum.HeightFor(Millilitres.From(9999)).Value, 1e-9);
    }

    [Theory]
    [InlineData(0, 55, 100)]
    [InlineData(-80, 55, 100)]
    [InlineData(80, 0, 100)]
    [InlineData(80, 55, 0)]
    public void A_cup_of_nothing_cannot_be_made(double top, double bottom, double height) =>
        Assert.Throws<ArgumentOutOfRangeException>(() => Frustum(top, bottom, height));

    private static readonly Gen<Frustum> Gens = Gen.Select(
        Gen.Double[20, 300],
        Gen.Double[10, 300],
        Gen.Double[20, 400],
        Frustum
    );

    private static Frustum Frustum(double top, double bottom, double height) =>
        new(Millimetres.From(top), Millimetres.From(bottom), Millimetres.From(height));

    private static bool Close(double expected, double actual, double relative) =>
        Math.Abs(expected - actual) <= Math.Max(1e-9, Math.Abs(expected) * relative);
}
