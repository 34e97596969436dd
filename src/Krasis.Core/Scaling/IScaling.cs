using Krasis.Core.Builds;
using Krasis.Core.Measures;

namespace Krasis.Core.Scaling;

/// <summary>A way of carrying a line's quantity from the reference size to another size. The exact quantity is asked
/// for; what the bar can pour of it is the business of <see cref="BarRounding"/>.</summary>
public interface IScaling
{
    /// <summary>How much of a line goes into a size.</summary>
    /// <param name="line">The line, which has no pin for that size.</param>
    /// <param name="reference">The reference size.</param>
    /// <param name="size">The size asked for. For the reference size itself the line's own quantity must come back.</param>
    Quantity Scale(BuildLine line, ScaledSize reference, ScaledSize size);
}
