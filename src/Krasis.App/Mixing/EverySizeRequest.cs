using Krasis.Core.Builds;
using Krasis.Core.Changing.EverySize;

namespace Krasis.App.Mixing;

/// <summary>A build of which one thing is to change in every size; exactly one thing is asked for.</summary>
public sealed record EverySizeRequest
{
    /// <summary>The build as it stands on the sheet.</summary>
    public BuildDocument Build { get; init; } = new();

    /// <summary>A line of which more or less is poured.</summary>
    public MoreOfLine? Line { get; init; }

    /// <summary>The share of its syrups and sauces that the drink keeps, %: 75, 50 or 25.</summary>
    public double? Sweet { get; init; }

    /// <summary>The id of another build, as strong as which it is to be.</summary>
    public string? StrongAs { get; init; }
}
