namespace Krasis.Core.Bar.Parts;

/// <summary>One thing that goes into a part, as it is entered and stored.</summary>
public sealed record PartLineDocument
{
    /// <summary>The id of the ingredient or of another part.</summary>
    public string? Ingredient { get; init; }

    /// <summary>How much: in <see cref="Measure"/>, or so many parts where the part is a ratio.</summary>
    public double? Amount { get; init; }

    /// <summary>The code of a measure of mass or volume. Not used where the part is a ratio.</summary>
    public string? Measure { get; init; }
}
