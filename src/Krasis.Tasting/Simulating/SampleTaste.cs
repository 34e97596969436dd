namespace Krasis.Tasting.Simulating;

/// <summary>What a sample really is on every scale, in any unit: only how far two are apart in proportion is
/// tasted.</summary>
/// <param name="On">The value by the scale's code; a scale that is missing is the same in every sample.</param>
public sealed record SampleTaste(IReadOnlyDictionary<string, double> On)
{
    /// <summary>The value on a scale.</summary>
    public double Of(string scale) => On.TryGetValue(scale, out var value) && value > 0 ? value : 1;
}
