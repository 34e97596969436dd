namespace Krasis.Recipes.Grammar;

/// <summary>The words of recipes that are not names.</summary>
/// <remarks>Common practice, no source: how people write at a bar, in English.</remarks>
internal static class Vocabulary
{
    /// <summary>What is done.</summary>
    public static IReadOnlyDictionary<string, Doing> Deeds { get; } =
        Words(
            (
                Doing.Add,
                "add adds added pour pours poured pouring put pump combine mix-in drop load build start begin goes go use use take grab pull pulled brew extract squeeze squirt dispense weigh measure spoon ladle tip"
            ),
            (Doing.Stir, "stir stirs stirred stirring swirl swirled mix mixed whisk whisked"),
            (
                Doing.Steam,
                "steam steams steamed steaming froth frothed frothing texture textured stretch stretched microfoam"
            ),
            (Doing.Foam, "foamed foaming cold-foamed"),
            (Doing.Shake, "shake shakes shaken shaking"),
            (Doing.Blend, "blend blends blended blending blitz blitzed"),
            (Doing.Float, "float floats floated layer layered slowly gently"),
            (Doing.Drizzle, "drizzle drizzles drizzled drizzling"),
            (Doing.Dust, "dust dusts dusted dusting sprinkle sprinkled"),
            (Doing.Rim, "rim rimmed"),
            (Doing.Torch, "torch torched brûlée"),
            (Doing.Skewer, "skewer skewered"),
            (Doing.Wall, "wall walls inside-out"),
            (Doing.Dissolve, "dissolve dissolved dissolving melt melted"),
            (Doing.Cool, "chill chilled-down cool cooled"),
            (Doing.Top, "top tops topped topping-up finish finished garnish garnished crown crowned"),
            (Doing.Fill, "fill fills filled fill-up filling")
        );

    /// <summary>What nobody can measure.</summary>
    public static IReadOnlySet<string> Vague { get; } =
        Set(
            "splash splashes dash dashes pinch handful glug glugs touch bit squeeze swirl dollop knob smidge smidgen drop-or-two few several plenty lots lot some generous sparing hint"
        );

    /// <summary>What takes away, or makes it depend.</summary>
    public static IReadOnlySet<string> Doubts { get; } =
        Set(
            "no not without w/o don't dont never skip omit leave instead unless if except optional optionally less otherwise either when depending sub swap replace replacing substitute hold maybe perhaps only"
        );

    /// <summary>What says nothing by itself.</summary>
    public static IReadOnlySet<string> Fillers { get; } =
        Set(
            "the a an of with w/ in into on onto over to it its it's them this that is are be by for from at as up all your our my you i we until till while before after first next last lastly finally then and so just each per "
                + "fresh freshly cold hot warm warmed chilled iced nice nicely well good about approx approximately around roughly ca circa rest remaining more other same cup cups glass mug tumbler beaker takeaway lid jug pitcher shaker blender spoon back side bottom base "
                + "step steps serve served serving immediately straight away quickly hard smooth smoothly gentle lightly level full again together evenly down out through off right there here please now once have has should will goes going get gets give size sizes reference top-up around rather "
                + "ready pre-warmed preheated clean everything both also plus exactly brewed ground dose made making take-away to-go done enjoy cheers thanks voila"
        );

    /// <summary>What holds something and is none of it: <c>milk jug</c>.</summary>
    public static IReadOnlySet<string> Holders { get; } =
        Set(
            "jug pitcher bottle machine wand shaker blender cup glass bath tray spoon tin carton fridge grinder scoop station line card bar crystals"
        );

    /// <summary>Heads of a recipe's sections, and whether what stands below says again what stood above; null where it
    /// is not read at all.</summary>
    public static IReadOnlyDictionary<string, bool?> Heads { get; } =
        new Dictionary<string, bool?>(StringComparer.OrdinalIgnoreCase)
        {
            ["ingredients"] = false,
            ["you need"] = false,
            ["what goes in"] = false,
            ["what you need"] = false,
            ["build"] = false,
            ["recipe"] = false,
            ["spec"] = false,
            ["method"] = true,
            ["steps"] = true,
            ["directions"] = true,
            ["instructions"] = true,
            ["preparation"] = true,
            ["how to"] = true,
            ["how to make it"] = true,
            ["to make"] = true,
            ["making it"] = true,
            ["notes"] = null,
            ["note"] = null,
            ["tips"] = null,
            ["equipment"] = null,
            ["story"] = null,
        };

    private static HashSet<string> Set(string words) => words.Split(' ').ToHashSet(StringComparer.OrdinalIgnoreCase);

    private static Dictionary<string, Doing> Words(params (Doing Does, string Words)[] all) =>
        all.SelectMany(one => one.Words.Split(' ').Select(word => (word, one.Does)))
            .DistinctBy(one => one.word)
            .ToDictionary(one => one.word, one => one.Does, StringComparer.OrdinalIgnoreCase);
}
