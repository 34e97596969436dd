using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Moving;
using Krasis.Core.Judging.Findings;

namespace Krasis.Core.Changing.Bringing;

/// <summary>Drinks of another house as this bar would pour them.</summary>
/// <param name="Drinks">The drinks, in the order in which they were given.</param>
/// <param name="Added">The facts that come along with them, under the ids they get here.</param>
public sealed record Brought(IReadOnlyList<BroughtDrink> Drinks, BarDocument Added);

/// <summary>A drink of another house as this bar would pour it.</summary>
/// <param name="Build">The build, on this bar's facts and those that come along.</param>
/// <param name="Sheet">Worked out here.</param>
/// <param name="Sizes">What is poured there and here, side by side, size by size.</param>
/// <param name="Said">What could not be kept as it was, in sentences.</param>
public sealed record BroughtDrink(
    BuildDocument Build,
    BuildSheet Sheet,
    IReadOnlyList<PourSize> Sizes,
    IReadOnlyList<string> Said
);
