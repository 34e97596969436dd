using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;

namespace Krasis.App.Mixing;

/// <summary>Something that is to be done to a build.</summary>
public sealed record EditRequest
{
    /// <summary>The build as it stands on the sheet.</summary>
    public BuildDocument Build { get; init; } = new();

    /// <summary>What is to be done.</summary>
    public EditDocument Edit { get; init; } = new();
}
