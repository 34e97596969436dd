using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;
using Krasis.Core.Tests.Outside;

namespace Krasis.Core.Tests.Nutrition;

public class AllergenTests
{
    // Source: tests/reference/allergens.csv, Regulation (EU) No 1169/2011, Annex II, and the nine of the US; from
    // memory.
    [Theory]
    [InlineData("eu")]
    [InlineData("us")]
    public void Each_law_s_allergens_are_all_named_and_no_others(string law)
    {
        var named = law == "eu" ? AllergenLists.EuFourteen : AllergenLists.UsNine;
        var wanted = Rows(law).Select(row => row.Allergen).Distinct().ToList();

        Assert.Equal(law == "eu" ? 14 : 9, named.Count);
        Assert.Equal(wanted.Order(), named.Order());
    }

    [Fact]
    public void Every_species_is_what_the_law_says_it_is() =>
        Assert.All(Rows("eu").Concat(Rows("us")).Where(row => row.Species is not null), row =>
            Assert.Contains(row.Allergen, AllergenLists.WithFamily(row.Species!.Value))
        );

    [Fact]
    public void Every_allergen_is_one_that_a_law_names_or_a_species_of_one() =>
        Assert.All(Enum.GetValues<Allergen>(), allergen =>
            Assert.Contains(AllergenLists.WithFamily(allergen), AllergenLists.EuFourteen.Contains)
        );

    [Fact]
    public void Spelt_is_wheat_and_a_cereal_with_gluten_and_is_told_once_by_each_law()
    {
        var bar = FullBar.With("oat", oat =>
            oat with
            {
                Name = "Spelt drink",
                Allergens = FullBar.Label(["spelt"], ["hazelnuts"]),
            }
        );
        var found = FullBar.Mix(TestBar.Build(TestBar.Line("oat", 100, "ml")), bar).Size("m").Inside.Allergens.Found;

        Assert.Equal(
            [
                ("wheat (spelt)", true, true, false),
                ("cereals with gluten (wheat, spelt)", false, true, false),
                ("tree nuts (hazelnuts)", true, true, true),
            ],
            found.Select(one =>
                (one.Name, one.IsUsNine, one.IsEuFourteen || one.Allergen == Allergen.Wheat, one.IsTrace)
            )
        );
    }

    [Fact]
    public void A_species_in_one_line_does_not_hide_a_trace_of_another_species_in_another()
    {
        var bar = FullBar.Read(
            FullBar.Document with
            {
                Ingredients =
                [
                    .. FullBar.Document.Ingredients.Select(ingredient =>
                        ingredient.Id switch
                        {
                            "syrup" => ingredient with { Allergens = FullBar.Label(["hazelnuts"]) },
                            "sauce" => ingredient with
                            {
                                Allergens = FullBar.Label(mayContain: ["treeNuts", "almonds"]),
                            },
                            _ => ingredient,
                        }
                    ),
                ],
            }
        );
        var found = FullBar
            .Mix(TestBar.Build(TestBar.Line("syrup", 1, "stroke"), TestBar.Line("sauce", 10, "g")), bar)
            .Size("m")
            .Inside.Allergens.Found;

        Assert.Equal(
            [("tree nuts (hazelnuts)", false), ("tree nuts (almonds)", true)],
            found.Select(one => (one.Name, one.IsTrace))
        );
    }

    [Fact]
    public void A_size_into_which_a_line_does_not_go_has_nothing_of_it_and_the_size_after_it_has_it_again()
    {
        var sheet = FullBar.Mix(
            TestBar.Build(TestBar.Line("water", 50, "ml"), TestBar.Line("milk", 100, "ml", ("m", 0))) with
            {
                ReferenceSize = "s",
            }
        );

        Assert.Equal([1, 0, 1], sheet.Sizes.Select(size => size.Inside.Allergens.Found.Count));
    }

    private static IEnumerable<(Allergen Allergen, Allergen? Species)> Rows(string law) =>
        ReferenceTable
            .Rows("allergens.csv")
            .Where(row => row[0] == law)
            .Select(row => (Parse(row[1]), row[2].Length == 0 ? (Allergen?)null : Parse(row[2])));

    private static Allergen Parse(string word) =>
        Enum.GetValues<Allergen>().Single(allergen => Choice.Word(allergen) == word);
}
