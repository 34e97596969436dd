namespace Krasis.Core.Planning.Needing;

/// <summary>What is really poured, beside what the standard says.</summary>
public static class PouredFactor
{
    /// <summary>From so many pours on their average is believed (common practice, no source).</summary>
    public const int LeastPours = 20;

    /// <summary>How many times as much as wanted goes in; null below <see cref="LeastPours"/>.</summary>
    /// <param name="pours">What was wanted and what went in, g.</param>
    /// <example>Twenty pours of 10 g that came to 11 g on average: 1.1.</example>
    public static double? Of(IReadOnlyCollection<(double Wanted, double Poured)> pours)
    {
        var wanted = pours.Sum(pour => pour.Wanted);
        return pours.Count >= LeastPours && wanted > 0 ? pours.Sum(pour => pour.Poured) / wanted : null;
    }

    /// <summary>A cup's need with what is really poured of each ingredient.</summary>
    /// <param name="need">By the standard.</param>
    /// <param name="factorOf">How many times as much goes in of an ingredient; null where that is not known.</param>
    public static IReadOnlyDictionary<Item, double> On(
        IReadOnlyDictionary<Item, double> need,
        Func<string, double?> factorOf
    ) =>
        need.ToDictionary(
            entry => entry.Key,
            entry => entry.Key.Kind == ItemKind.Ingredient ? entry.Value * (factorOf(entry.Key.Id) ?? 1) : entry.Value
        );
}
