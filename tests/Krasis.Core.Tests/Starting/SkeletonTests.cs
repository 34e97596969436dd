using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Starting;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Checks;

namespace Krasis.Core.Tests.Starting;

/// <summary>Builds to begin from: every base, served every way, fits and can be poured. What they hold is common practice, no source.</summary>
public class SkeletonTests
{
    private static readonly BarFacts Bar = FullBar.Read(FullBar.Document with
    {
        Coffees = [new() { Id = "batch", Name = "Batch", Ingredient = "coffee", Method = "batch", CoffeeGrams = 70, WaterGrams = 1000, ExtractionPercent = 20 }],
    });

    public static TheoryData<DrinkBase, Serve, string> Everything
    {
        get
        {
            var data = new TheoryData<DrinkBase, Serve, string>();
            foreach (var made in new[] { DrinkBase.Espresso, DrinkBase.Batch, DrinkBase.Powder, DrinkBase.Chocolate })
            {
                foreach (var serve in Enum.GetValues<Serve>())
                {
                    data.Add(made, serve, "s m l");
                    data.Add(made, serve, "l");
                }
            }

            return data;
        }
    }

    [Theory]
    [MemberData(nameof(Everything))]
    public void A_proposal_fits_is_nearly_full_and_has_no_fault(DrinkBase made, Serve serve, string cups)
    {
        var sizes = cups.Split(' ');
        var build = Skeleton.Propose(made, serve, [.. sizes.Select(id => new CupId(id))], Bar).Value;
        var sheet = FullBar.Mix(build with { Name = "New" }, Bar);
        var reference = sheet.Sizes.Single(size => size.IsReference);

        Assert.Equal(sizes, sheet.Sizes.Select(size => size.Size.Value));
        Assert.Equal(serve, sheet.Serve);
        Assert.InRange(reference.Fill.RoomLeft.Value, 0, 45);
        Assert.DoesNotContain(sheet.Findings, finding => finding.Severity == Severity.Fault);
        Assert.DoesNotContain(sheet.Findings, finding => new ICheck[] { new HotOnTheIce(), new PowderInTheCold(), new SauceOnTheBottom(), new FoamOfTheWrongThird(), new LukewarmHot() }.Any(check => check.Name == finding.Check));
        Assert.All(reference.Lines, line => Assert.True(line.Amount > 0, line.IngredientName));
    }

    [Fact]
    public void Flavour_goes_in_first_and_ice_last_unless_it_is_layered()
    {
        Assert.Equal(["Syrup", "Espresso", "Milk", "Ice"], Names(Serve.Iced));
        Assert.Equal("Ice", Names(Serve.Layered)[0]);
        Assert.Equal("Espresso", Names(Serve.Layered)[^1]);
        Assert.Equal(["Syrup", "Espresso", "Milk"], Names(Serve.Hot));
    }

    [Fact]
    public void What_the_bar_lacks_is_said()
    {
        Assert.Equal("base", Assert.Single(Skeleton.Propose(DrinkBase.ColdBrew, Serve.Iced, [new("m")], Bar).Problems).Field);
        Assert.Equal("sizes", Assert.Single(Skeleton.Propose(DrinkBase.Espresso, Serve.Iced, [], Bar).Problems).Field);
        Assert.Equal("The bar has no coffee with a cold brew recipe.", Skeleton.Choices(Bar).Single(choice => choice.Base == DrinkBase.ColdBrew).Missing);
        Assert.Null(Skeleton.Choices(Bar).Single(choice => choice.Base == DrinkBase.Batch).Missing);
        Assert.Equal("serve", Assert.Single(Skeleton.Propose(DrinkBase.Espresso, Serve.Iced, [new("m")], FullBar.Read(FullBar.Document with { Ingredients = [.. FullBar.Document.Ingredients.Where(one => one.Kind != "ice")] })).Problems).Field);
    }

    private static string[] Names(Serve serve) =>
        [.. FullBar.Mix(Skeleton.Propose(DrinkBase.Espresso, serve, [new("m")], Bar).Value with { Name = "New" }, Bar).Sizes[0].Lines.Select(line => line.IngredientName)];
}
