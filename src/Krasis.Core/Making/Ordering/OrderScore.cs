namespace Krasis.Core.Making.Ordering;

/// <summary>How good the times of an order are.</summary>
/// <param name="Beyond">By how much anything stands too long, s, all together.</param>
/// <param name="Seconds">How long the order takes, s.</param>
/// <param name="Stands">How long anything stands, s, all together.</param>
internal readonly record struct OrderScore(double Beyond, double Seconds, double Stands)
{
    /// <summary>Whether this is better than another: less stands too long; else it is over sooner; else less
    /// stands.</summary>
    public bool IsBetterThan(in OrderScore other) =>
        Math.Abs(Beyond - other.Beyond) > 1e-6 ? Beyond < other.Beyond
        : Math.Abs(Seconds - other.Seconds) > 1e-6 ? Seconds < other.Seconds
        : Stands < other.Stands - 1e-6;
}
