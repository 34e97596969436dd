namespace Krasis.Core.Builds;

/// <summary>The build that a variant was made of, as it is stored.</summary>
public sealed record ParentDocument
{
    /// <summary>The id of the build.</summary>
    public string? Build { get; init; }

    /// <summary>Which save of it the variant goes by.</summary>
    public double? Version { get; init; }

    /// <summary>What was made of it, in words.</summary>
    public string? How { get; init; }
}
