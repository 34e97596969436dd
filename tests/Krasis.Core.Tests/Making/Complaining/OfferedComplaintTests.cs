using Krasis.Core.Builds;
using Krasis.Core.Making.Complaining;

namespace Krasis.Core.Tests.Making.Complaining;

/// <summary>What is offered to be wrong with a drink.</summary>
public class OfferedComplaintTests
{
    [Theory]
    [InlineData("hot", new[] { Complaint.LayersRanTogether, Complaint.NotCold })]
    [InlineData("iced", new[] { Complaint.LayersRanTogether, Complaint.Lukewarm })]
    [InlineData("layered", new[] { Complaint.Lukewarm })]
    public void Each_way_of_serving_has_its_own(string serve, Complaint[] missing) =>
        Assert.Equal(missing, Missing(serve, Syrup, Espresso, Foamed));

    [Fact]
    public void What_is_not_in_it_is_not_wrong_with_it()
    {
        Assert.Equal([Complaint.LayersRanTogether, Complaint.NotCold], Missing("hot", Syrup, Espresso, Foamed));
        Assert.Contains(Complaint.SauceOnTheBottom, Missing("hot", Espresso, Foamed));
        Assert.Contains(Complaint.Sour, Missing("hot", Syrup, Foamed));
        Assert.Contains(Complaint.Bitter, Missing("hot", Syrup, Foamed));
        Assert.Contains(Complaint.FoamStandsStiff, Missing("hot", Syrup, Espresso));
        Assert.Contains(Complaint.FoamDripsThrough, Missing("hot", Syrup, Espresso));

        // Sugar on the rim is not on the bottom.
        Assert.Contains(Complaint.SauceOnTheBottom, Missing("hot", Syrup with { Technique = "rim" }, Espresso));
    }

    private static readonly LineDocument Syrup = TestBar.Line("syrup", 1, "stroke");
    private static readonly LineDocument Espresso = TestBar.Line("espresso", 2, "shot");
    private static readonly LineDocument Foamed = TestBar.Line("milk", 100, "ml") with
    {
        Technique = "steam",
        Foam = "low",
    };

    private static IEnumerable<Complaint> Missing(string serve, params LineDocument[] lines) =>
        ComplaintWords.All.Except(
            ComplaintWords.Of(
                BuildReader.Read(TestBar.Build(lines) with { Serve = serve }, FullBar.Facts).Value,
                FullBar.Facts
            )
        );
}
