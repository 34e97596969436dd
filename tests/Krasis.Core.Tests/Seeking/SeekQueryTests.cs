using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Changing.Seeking;

namespace Krasis.Core.Tests.Seeking;

/// <summary>What is looked for among the builds. Contains, may contain and not read are told apart; nothing is ever
/// promised to be free of anything.</summary>
public class SeekQueryTests
{
    private static readonly SoughtFacts Coconut = new(
        Words("Coconut mocha summer Reed"),
        new Dictionary<Allergen, IReadOnlyList<string>> { [Allergen.Milk] = ["Farm milk"] },
        new Dictionary<Allergen, IReadOnlyList<string>> { [Allergen.TreeNuts] = ["Dark sauce"] },
        []
    );

    private static readonly SoughtFacts Hazel = new(
        Words("Hazelnut latte"),
        new Dictionary<Allergen, IReadOnlyList<string>> { [Allergen.TreeNuts] = ["Hazelnut syrup"] },
        new Dictionary<Allergen, IReadOnlyList<string>>(),
        []
    );

    private static readonly SoughtFacts Plain = new(
        Words("Oat latte"),
        new Dictionary<Allergen, IReadOnlyList<string>>(),
        new Dictionary<Allergen, IReadOnlyList<string>>(),
        []
    );

    private static readonly SoughtFacts Unread = Plain with { Words = Words("Plum latte"), Unread = ["Plum syrup"] };

    [Theory]
    [InlineData("coco", "Coconut")]
    [InlineData("MOCHA summer", "Coconut")]
    [InlineData("nutmeg", "")]
    [InlineData("latte", "Hazel Plain Unread")]
    [InlineData("nuts", "Coconut Hazel Unread")]
    [InlineData("nut", "Coconut Hazel Unread")]
    [InlineData("contains milk", "Coconut Unread")]
    [InlineData("without nuts", "Plain Unread")]
    [InlineData("no nuts", "Plain Unread")]
    [InlineData("nut-free latte", "Plain Unread")]
    [InlineData("dairy-free", "Hazel Plain Unread")]
    [InlineData("free from dairy", "Hazel Plain Unread")]
    [InlineData("without dairy without nuts", "Plain Unread")]
    [InlineData("vegan", "Hazel Plain Unread")]
    [InlineData("", "Coconut Hazel Plain Unread")]
    public void It_is_found(string text, string names)
    {
        var query = SeekQuery.Read(text);
        var all = new (string Name, SoughtFacts Facts)[]
        {
            ("Coconut", Coconut),
            ("Hazel", Hazel),
            ("Plain", Plain),
            ("Unread", Unread),
        };

        Assert.Equal(
            names,
            string.Join(' ', all.Where(one => query.Of(one.Facts) is not null).Select(one => one.Name))
        );
    }

    [Fact]
    public void Why_it_matched_is_told_and_what_is_not_known()
    {
        Assert.Equal(new Match("Contains tree nuts: Hazelnut syrup.", true), SeekQuery.Read("nuts").Of(Hazel));
        Assert.Equal(new Match("May contain tree nuts: Dark sauce.", true), SeekQuery.Read("nuts").Of(Coconut));
        Assert.Equal(new Match("Nuts unknown for Plum syrup.", false), SeekQuery.Read("nuts").Of(Unread));
        Assert.Equal(
            new Match("No label lists nuts; shared equipment carries traces.", true),
            SeekQuery.Read("without nuts").Of(Plain)
        );
        Assert.Equal(new Match("Nuts unknown for Plum syrup.", false), SeekQuery.Read("without nuts").Of(Unread));
        Assert.Equal(
            new Match("No label lists anything of an animal; shared equipment carries traces.", true),
            SeekQuery.Read("vegan").Of(Plain)
        );
        Assert.Equal(new Match(null, true), SeekQuery.Read("oat").Of(Plain));
    }

    [Fact]
    public void Honey_is_of_an_animal() =>
        Assert.Null(SeekQuery.Read("vegan").Of(Plain with { Words = Words("Honey latte") }));

    [Fact]
    public void A_build_is_found_by_all_that_is_in_it_and_by_its_labels()
    {
        var build = TestBar.Build(
            TestBar.Line("espresso", 2, "shot"),
            TestBar.Line("milk", 150, "ml"),
            TestBar.Line("sauce", 10, "g"),
            TestBar.Line("smoke", 0.5, "g")
        ) with
        {
            Tags = ["quay side"],
        };
        var facts = SoughtFacts.Of(build, FullBar.Mix(build), ["on trial"]);

        Assert.Superset(
            new HashSet<string>
            {
                "trial",
                "quay",
                "side",
                "espresso",
                "milk",
                "dark",
                "sauce",
                "smoke",
                "small",
                "large",
            },
            facts.Words.ToHashSet()
        );
        Assert.Equal(["Milk"], facts.Contains[Allergen.Milk]);
        Assert.Equal(["Smoke"], facts.Unread);
        Assert.Empty(SoughtFacts.Of(build, null, []).Contains);
    }

    // Whatever is looked for without an allergen, nothing that lists it is found.
    [Theory]
    [InlineData("nuts", Allergen.TreeNuts)]
    [InlineData("peanuts", Allergen.Peanuts)]
    [InlineData("milk", Allergen.Milk)]
    [InlineData("gluten", Allergen.Gluten)]
    [InlineData("soy", Allergen.Soya)]
    [InlineData("eggs", Allergen.Eggs)]
    [InlineData("sesame", Allergen.Sesame)]
    [InlineData("shellfish", Allergen.Molluscs)]
    public void Nothing_that_lists_it_is_found_without_it(string said, Allergen allergen)
    {
        var listed = new Dictionary<Allergen, IReadOnlyList<string>> { [allergen] = ["It"] };
        foreach (
            var text in new[] { $"without {said}", $"no {said}", $"{said}-free", $"{said} free", $"free of {said}" }
        )
        {
            Assert.Null(SeekQuery.Read(text).Of(Plain with { Contains = listed }));
            Assert.Null(SeekQuery.Read(text).Of(Plain with { MayContain = listed }));
            Assert.NotNull(SeekQuery.Read(text).Of(Plain));
        }
    }

    private static HashSet<string> Words(string text) => [.. SeekQuery.WordsOf(text)];
}
