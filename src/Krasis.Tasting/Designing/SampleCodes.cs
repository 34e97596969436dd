namespace Krasis.Tasting.Designing;

/// <summary>Three-digit codes that say nothing of what is in a glass.</summary>
public static class SampleCodes
{
    /// <summary>How many codes there are that do.</summary>
    public static int Count => Plain.Count;

    // No digit twice and none in a row up or down: 111, 321 and 100 read like a place or a mark. None of 0, which is
    // taken for a letter, and of 6 and 9 only one, which is the other upside down.
    private static readonly List<int> Plain = [.. Enumerable.Range(123, 865).Where(IsPlain)];

    /// <summary>Draws codes, no two of them alike.</summary>
    /// <param name="random">Where chance comes from.</param>
    /// <param name="count">How many, <see cref="Count"/> at the most.</param>
    public static IReadOnlyList<string> Draw(Random random, int count)
    {
        ArgumentOutOfRangeException.ThrowIfGreaterThan(count, Count);
        var all = Plain.ToArray();
        random.Shuffle(all);
        return [.. all.Take(count).Select(code => code.ToString(System.Globalization.CultureInfo.InvariantCulture))];
    }

    private static bool IsPlain(int code)
    {
        int[] digits = [code / 100, code / 10 % 10, code % 10];
        return digits.Distinct().Count() == 3
            && !digits.Contains(0)
            && !(digits.Contains(6) && digits.Contains(9))
            && !(digits[1] - digits[0] == digits[2] - digits[1] && Math.Abs(digits[1] - digits[0]) == 1);
    }
}
