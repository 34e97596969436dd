using System.Text;

namespace Krasis.Core.Bar.Likeness;

/// <summary>How much two names of things that are poured are alike, as people write them: abbreviated, misspelt, in
/// another order, in the plural.</summary>
/// <remarks>Common practice, no source: the weights were set on names of our own and are held by tests.</remarks>
public static class NameLikeness
{
    // Of two words that are alike by letters, this many may differ: a slip in a short word makes another word of it.
    private const int ShortestForOneSlip = 4;
    private const int ShortestForTwoSlips = 8;

    // A word that says only of what sort a thing is says little of which it is.
    private const double SortWeight = 0.35;

    private static readonly HashSet<string> Sorts =
    [
        "syrup",
        "sauce",
        "milk",
        "drink",
        "powder",
        "cream",
        "foam",
        "ice",
        "espresso",
        "coffee",
        "topping",
        "flavour",
        "extract",
        "house",
        "homemade",
        "mix",
    ];

    // Said otherwise, meant the same.
    private static readonly Dictionary<string, string> Same = new(StringComparer.Ordinal)
    {
        ["choc"] = "chocolate",
        ["chocolat"] = "chocolate",
        ["choco"] = "chocolate",
        ["mocha"] = "chocolate",
        ["van"] = "vanilla",
        ["vanila"] = "vanilla",
        ["cara"] = "caramel",
        ["haz"] = "hazelnut",
        ["hazel"] = "hazelnut",
        ["cinn"] = "cinnamon",
        ["card"] = "cardamom",
        ["esp"] = "espresso",
        ["espr"] = "espresso",
        ["expresso"] = "espresso",
        ["syr"] = "syrup",
        ["sirup"] = "syrup",
        ["flavor"] = "flavour",
        ["flavoring"] = "flavour",
        ["flavouring"] = "flavour",
        ["whipping"] = "whip",
        ["whipped"] = "whip",
        ["cubes"] = "ice",
        ["cube"] = "ice",
        ["skim"] = "skimmed",
        ["pwd"] = "powder",
        ["pdr"] = "powder",
    };

    /// <summary>How much alike two names are.</summary>
    /// <returns>1 where they are the same word for word, whatever their case, order and small words; 0 where they have
    /// nothing in common.</returns>
    /// <example><c>Of("hazlenut syr.", "Hazelnut syrup")</c> is above 0.9; <c>Of("vanilla syrup", "Hazelnut syrup")</c>
    /// below 0.5.</example>
    public static double Of(string one, string other)
    {
        var (a, b) = (Words(one), Words(other));
        if (a.Count == 0 || b.Count == 0)
        {
            return 0;
        }

        var (shared, left) = (0.0, b.ToList());
        foreach (var word in a)
        {
            if (
                left.Select(candidate => (Word: candidate, Like: Alike(word, candidate)))
                    .OrderByDescending(pair => pair.Like)
                    .FirstOrDefault() is
                { Like: > 0 } best
            )
            {
                shared += best.Like * Math.Min(Weight(word), Weight(best.Word));
                left.Remove(best.Word);
            }
        }

        // What both say, of all that either says.
        return shared / (a.Sum(Weight) + b.Sum(Weight) - shared);
    }

    /// <summary>Whether a name says all that tells another apart: each of its words is in the other, and the other has
    /// besides only words of sorts.</summary>
    /// <example><c>IsShortFor("hazelnut", "Hazelnut syrup")</c>; not <c>IsShortFor("syrup", "Hazelnut
    /// syrup")</c>.</example>
    public static bool IsShortFor(string said, string name)
    {
        var (words, left) = (Words(said), Words(name).ToList());
        return words.Any(word => !Sorts.Contains(word)) && words.All(left.Remove) && left.All(Sorts.Contains);
    }

    /// <summary>Whether each word of a name is in another one.</summary>
    public static bool IsWithin(string said, string name)
    {
        var (words, left) = (Words(said), Words(name).ToList());
        return words.Count > 0 && words.All(left.Remove);
    }

    /// <summary>Whether a name says only of what sort a thing is.</summary>
    public static bool IsSort(string said) => Words(said).All(Sorts.Contains);

    /// <summary>A name's words as they are compared: small letters without accents, in the singular, abbreviations
    /// written out.</summary>
    internal static IReadOnlyList<string> Words(string name)
    {
        var plain = new StringBuilder();
        foreach (var letter in name.Replace(" %", "%", StringComparison.Ordinal))
        {
            plain.Append(
                letter is '\'' or '’' ? ""
                : char.IsLetterOrDigit(letter) || letter == '%' ? Bare(char.ToLowerInvariant(letter))
                : " "
            );
        }

        return
        [
            .. plain
                .ToString()
                .Split(' ', StringSplitOptions.RemoveEmptyEntries)
                .Where(word => word is not ("of" or "the" or "a" or "an" or "and" or "with" or "our" or "some"))
                .Select(word => Same.GetValueOrDefault(word) ?? Singular(word))
                .Select(word => Same.GetValueOrDefault(word) ?? word),
        ];
    }

    // The letters of Europe's languages without what stands on them: a program without a culture does not take them
    // apart.
    private static string Bare(char letter) =>
        letter switch
        {
            'à' or 'á' or 'â' or 'ã' or 'ä' or 'å' or 'ā' or 'ą' or 'ă' => "a",
            'ç' or 'ć' or 'č' => "c",
            'ď' => "d",
            'è' or 'é' or 'ê' or 'ë' or 'ē' or 'ę' or 'ě' => "e",
            'ğ' => "g",
            'ì' or 'í' or 'î' or 'ï' or 'ī' or 'ı' => "i",
            'ł' or 'ľ' => "l",
            'ñ' or 'ń' or 'ň' => "n",
            'ò' or 'ó' or 'ô' or 'õ' or 'ö' or 'ø' or 'ō' or 'ő' => "o",
            'ř' => "r",
            'ś' or 'š' or 'ş' or 'ș' => "s",
            'ß' => "ss",
            'ť' or 'ț' => "t",
            'ù' or 'ú' or 'û' or 'ü' or 'ū' or 'ů' or 'ű' => "u",
            'ý' or 'ÿ' => "y",
            'ź' or 'ż' or 'ž' => "z",
            'æ' => "ae",
            'œ' => "oe",
            _ => letter.ToString(),
        };

    private static string Singular(string word) =>
        word.Length > 4 && word.EndsWith("ies", StringComparison.Ordinal) ? $"{word[..^3]}y"
        : word.Length > 3 && word.EndsWith('s') && !word.EndsWith("ss", StringComparison.Ordinal) ? word[..^1]
        : word;

    private static double Weight(string word) => Sorts.Contains(word) ? SortWeight : 1;

    // 1 for the same word, 0.9 for one slip, 0.8 for two or for a word that goes on where the other was cut off; 0 for
    // others.
    private static double Alike(string one, string other)
    {
        var (shorter, longer) = one.Length <= other.Length ? (one, other) : (other, one);
        if (one == other)
        {
            return 1;
        }

        var slips = Slips(one, other);
        return slips == 1 && shorter.Length >= ShortestForOneSlip ? 0.9
            : slips == 2 && shorter.Length >= ShortestForTwoSlips ? 0.8
            : shorter.Length >= 3 && longer.StartsWith(shorter, StringComparison.Ordinal) ? 0.8
            : 0;
    }

    /// <summary>How many letters have to be put in, left out, changed or swapped with their neighbour (optimal string
    /// alignment; Boytsov 2011).</summary>
    internal static int Slips(string one, string other)
    {
        var cost = new int[one.Length + 1, other.Length + 1];
        for (var i = 0; i <= one.Length; i++)
        {
            for (var j = 0; j <= other.Length; j++)
            {
                cost[i, j] =
                    i == 0 ? j
                    : j == 0 ? i
                    : Math.Min(
                        Math.Min(cost[i - 1, j], cost[i, j - 1]) + 1,
                        cost[i - 1, j - 1] + (one[i - 1] == other[j - 1] ? 0 : 1)
                    );
                if (i > 1 && j > 1 && one[i - 1] == other[j - 2] && one[i - 2] == other[j - 1])
                {
                    cost[i, j] = Math.Min(cost[i, j], cost[i - 2, j - 2] + 1);
                }
            }
        }

        return cost[one.Length, other.Length];
    }
}
