using Krasis.Core.Builds.Lines;

namespace Krasis.Core.Making.Rescuing;

/// <summary>One thing that is poured otherwise.</summary>
/// <param name="Line">The line.</param>
/// <param name="Title">What it is.</param>
/// <param name="Was">How much was planned; empty where it is more of what is in already, or
/// left out.</param>
/// <param name="Now">How much it is now.</param>
/// <param name="IsMore">Whether it is more of what is in already.</param>
public sealed record RescueChange(LineId Line, string Title, string Was, string Now, bool IsMore)
{
    /// <summary>The change as it is said to whoever stands there.</summary>
    /// <example>Farm milk: 250 ml, not 215 ml</example>
    public string Says =>
        IsMore ? $"{Title}: {Now} more"
        : Was.Length == 0 ? $"{Title}: {Now}"
        : $"{Title}: {Now}, not {Was}";
}
