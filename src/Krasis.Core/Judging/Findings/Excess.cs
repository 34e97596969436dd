namespace Krasis.Core.Judging.Findings;

/// <summary>How far a size stands beyond what the house allows in one thing that is measured.</summary>
/// <param name="Of">What is measured, such as <c>strength</c>: two checks may speak of the same.</param>
/// <param name="By">How far beyond, in that thing's own unit; above zero.</param>
internal sealed record Excess(string Of, double By)
{
    /// <summary>Coffee solids as a share, in percent of the reference size's.</summary>
    public const string Strength = "strength";

    /// <summary>Sweetness, in percent of the reference size's.</summary>
    public const string Sweetness = "sweetness";

    /// <summary>How full a cup is, in percent of what fits below the reserve.</summary>
    public const string Underfilled = "underfilled";

    /// <summary>How much of a line there is, in percent of the most that a drink bears.</summary>
    public const string Dose = "dose";

    /// <summary>How warm a drink is when it is handed over, K.</summary>
    public const string Temperature = "temperature";
}
