namespace Krasis.Tasting;

/// <summary>Holds many questions asked of the same tasters to one level together (Holm 1979).</summary>
public static class Holm
{
    /// <summary>Each probability as it counts beside the others: one is a result when it is at most the
    /// level.</summary>
    /// <example>0.01, 0.04, 0.03 → 0.03, 0.06, 0.06.</example>
    /// <param name="probabilities">The probabilities, each between 0 and 1.</param>
    public static IReadOnlyList<double> Adjust(IReadOnlyList<double> probabilities)
    {
        var order = Enumerable.Range(0, probabilities.Count).OrderBy(i => probabilities[i]).ToList();
        var adjusted = new double[probabilities.Count];
        var most = 0.0;
        for (var rank = 0; rank < order.Count; rank++)
        {
            most = Math.Max(most, Math.Min(1, probabilities[order[rank]] * (order.Count - rank)));
            adjusted[order[rank]] = most;
        }

        return adjusted;
    }
}
