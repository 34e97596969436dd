using CsCheck;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Ingredients;

/// <summary>Labels as they are printed. Salt is sodium times 2.5 by Regulation (EU) No 1169/2011, Annex I; a calorie is
/// 4.184 J.</summary>
public class PrintedLabelTests
{
    [Fact]
    public void A_label_for_100_g_in_kcal_and_salt_stays_as_it_is()
    {
        var read = new PrintedLabel
        {
            Energy = 260,
            Fat = 1,
            Saturates = 0.5,
            Carbohydrate = 65,
            Sugars = 64,
            Protein = 2,
            Salt = 0.1,
            Kind = "syrup",
        }
            .Read()
            .Value;

        Assert.Equal(
            (260.0, 1.0, 0.5, 65.0, 64.0, 2.0, 0.1),
            (read.EnergyKcal, read.Fat, read.Saturates, read.Carbohydrate, read.Sugars, read.Protein, read.Salt)
        );
        Assert.Equal((64.0, 0.0), (read.Sucrose, read.Lactose));
        Assert.Equal("the label; all sugar taken for sucrose", read.Source);
    }

    [Fact]
    public void A_serving_by_volume_in_kilojoules_with_sodium_is_turned_into_100_g()
    {
        // By hand: 30 ml of 1.25 g/ml are 37.5 g, and 100 g of it 2.6667 servings. 418.4 kJ are 100 kcal; 30 mg of
        // sodium are 0.075 g of salt; 24 g of carbohydrate with 1.5 g of fibre are 22.5 g without.
        var read = new PrintedLabel
        {
            Per = 30,
            PerMeasure = "ml",
            DensityGramsPerMl = 1.25,
            EnergyUnit = "kJ",
            Energy = 418.4,
            Carbohydrate = 24,
            FibreWithin = 1.5,
            Sugars = 18,
            SaltUnit = "sodium",
            Salt = 30,
            Kind = "sauce",
        }
            .Read()
            .Value;

        Assert.Equal(266.667, read.EnergyKcal!.Value, 3);
        Assert.Equal(60, read.Carbohydrate!.Value, 3);
        Assert.Equal(48, read.Sugars!.Value, 3);
        Assert.Equal(0.2, read.Salt!.Value, 3);
        Assert.Null(read.Fat);
    }

    [Fact]
    public void The_sugar_of_milk_is_taken_for_lactose_and_what_is_not_printed_stays_unknown()
    {
        var read = new PrintedLabel
        {
            Sugars = 4.8,
            Kind = "milk",
            SaltUnit = "sodiumGrams",
            Salt = 0.04,
        }
            .Read()
            .Value;

        Assert.Equal((4.8, 0.0, 0.1), (read.Lactose, read.Sucrose, read.Salt));
        Assert.Null(
            new PrintedLabel { Fat = 1 }
                .Read()
                .Value.Sucrose
        );
        Assert.Equal(
            "the label",
            new PrintedLabel { Fat = 1 }
                .Read()
                .Value.Source
        );
    }

    public static TheoryData<PrintedLabel, string> Wrong() =>
        new()
        {
            {
                new() { PerMeasure = "ml", Fat = 1 },
                "densityGramsPerMl"
            },
            {
                new() { Per = 0, Fat = 1 },
                "per"
            },
            {
                new() { PerMeasure = "cup" },
                "perMeasure"
            },
            {
                new() { EnergyUnit = "cal" },
                "energyUnit"
            },
            {
                new() { SaltUnit = "pinch" },
                "saltUnit"
            },
            {
                new() { Carbohydrate = 1, FibreWithin = 1.1 },
                "fibreWithin"
            },
            {
                new() { Fat = -1 },
                "fat"
            },
        };

    [Theory]
    [MemberData(nameof(Wrong))]
    public void What_no_label_says_is_told(PrintedLabel label, string field) =>
        Assert.Equal(field, label.Read().Problems.Single().Field);

    [Fact]
    public void Printed_for_any_amount_it_comes_to_the_same_100_g() =>
        Gen.Select(Gen.Double[5, 500], Gen.Double[0.5, 1.5], Gen.Double[0, 30], Gen.Bool)
            .Seeded()
            .Sample(
                (per, density, fat, byVolume) =>
                {
                    var grams = byVolume ? per * density : per;
                    var read = new PrintedLabel
                    {
                        Per = per,
                        PerMeasure = byVolume ? "ml" : "g",
                        DensityGramsPerMl = density,
                        Fat = fat * grams / 100,
                    }.Read();
                    return read.IsRead && Math.Abs(read.Value.Fat!.Value - fat) < 0.001;
                }
            );
}
