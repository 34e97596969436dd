namespace Krasis.App.Pantry;

/// <summary>A pantry file.</summary>
public sealed record PantryRequest
{
    /// <summary>What stands in it: comma-separated values or JSON, as docs/formats.md has them.</summary>
    public string Text { get; init; } = "";

    /// <summary>Whether the good rows are to be kept though there are bad ones.</summary>
    public bool LeaveOutBad { get; init; }
}
