using Krasis.Core.Bar.Ice;

namespace Krasis.Core.Tests.Ice;

public class IceMeasuringTests
{
    // By hand: 200 g ÷ (0.9167 g/ml · 378 ml) = 57.7 %; density 916.7 kg/m³ (IAPWS R10-06).
    [Fact]
    public void A_cup_of_ice_gives_the_heap_s_share_and_pieces_their_weight()
    {
        var measured = new IceMeasuring
        {
            CupMl = 378,
            FillGrams = 200,
            Pieces = 12,
            PiecesGrams = 216,
        }
            .Work()
            .Value;

        Assert.Equal(200 / (0.9167 * 378) * 100, measured.Solid!.Value.Value, 1e-9);
        Assert.Equal(18, measured.Piece!.Value.Value, 1e-9);
    }

    [Fact]
    public void Either_of_the_two_is_enough()
    {
        Assert.Null(
            new IceMeasuring { CupMl = 378, FillGrams = 200 }
                .Work()
                .Value.Piece
        );
        Assert.Null(
            new IceMeasuring { Pieces = 12, PiecesGrams = 216 }
                .Work()
                .Value.Solid
        );
    }

    [Theory]
    [InlineData(90.0, "fillGrams")]
    [InlineData(300.0, "fillGrams")]
    [InlineData(double.NaN, "fillGrams")]
    public void No_heap_is_all_ice_or_all_air(double grams, string field) =>
        Assert.Equal(
            field,
            new IceMeasuring { CupMl = 378, FillGrams = grams }
                .Work()
                .Problems[0]
                .Field
        );

    [Fact]
    public void Pieces_are_counted_whole() =>
        Assert.Equal(
            "pieces",
            Assert
                .Single(
                    new IceMeasuring { Pieces = 2.5, PiecesGrams = 40 }
                        .Work()
                        .Problems
                )
                .Field
        );
}
