using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds.Scaling;

namespace Krasis.Core.Changing.Stations;

/// <summary>For a build in which every size is said by hand: nothing follows, and no pull is stretched.</summary>
internal sealed class AsSaid : IScaling
{
    /// <inheritdoc/>
    public bool StretchesTheShot => false;

    /// <inheritdoc/>
    public LineRule RuleFor(Ingredient ingredient) => new(ScaleBy.Cup);
}
