namespace Krasis.Core.Builds;

/// <summary>An amount that the lead has said by hand for one size, as it is entered and stored.</summary>
public sealed record PinDocument
{
    /// <summary>The id of the cup.</summary>
    public string? Size { get; init; }

    /// <summary>How much, in the line's measure.</summary>
    public double? Amount { get; init; }

    /// <summary>To where it fills this cup, as <see cref="LineDocument.To"/>; goes before the amount.</summary>
    public string? To { get; init; }

    /// <summary>What the card says this size's amount is in another measure, as
    /// <see cref="LineDocument.Stated"/>.</summary>
    public string? Stated { get; init; }
}
