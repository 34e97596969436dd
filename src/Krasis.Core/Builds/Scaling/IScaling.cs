using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;

namespace Krasis.Core.Builds.Scaling;

/// <summary>A way of carrying a build from the reference size to another: what each line follows that has no rule of
/// its own. What the bar can pour of the exact amount is the business of <see cref="BarRounding"/>.</summary>
public interface IScaling
{
    /// <summary>What a line of an ingredient follows.</summary>
    LineRule RuleFor(Ingredient ingredient);

    /// <summary>Whether the dose and the yield of a pull grow with the cup, as far as the basket takes it.</summary>
    bool StretchesTheShot { get; }
}
