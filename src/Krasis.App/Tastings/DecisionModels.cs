namespace Krasis.App.Tastings;

/// <summary>What is decided.</summary>
/// <param name="Sample">The sample's place, where something is changed.</param>
/// <param name="Scale">The scale because of which.</param>
/// <param name="Line">The line that is changed; null where no line is.</param>
/// <param name="Who">Who decided.</param>
/// <param name="Why">Why.</param>
/// <param name="Take">Whether the build goes back to the sample as it was tasted. Without this and without a line,
/// nothing changes.</param>
public sealed record DecideRequest(
    int? Sample,
    string? Scale,
    string? Line,
    string? Who,
    string? Why,
    bool Take = false
)
{
    /// <summary>Whether the build stays as it is.</summary>
    internal bool ChangesNothing => Line is null && !Take;
}

/// <summary>Under which id the next tasting is set up.</summary>
/// <param name="As">The id.</param>
public sealed record AgainRequest(string? As);

/// <summary>What the simulated tasters are like.</summary>
/// <param name="Tasters">How many; 12 when it is missing.</param>
/// <param name="Scale">On which scale they would have it otherwise; missing where they would have the first sample as
/// it is.</param>
/// <param name="Percent">By how much, %.</param>
public sealed record PractiseRequest(int? Tasters, string? Scale, double? Percent);
