using Krasis.Core.Bar;
using Krasis.Core.Mixing;

namespace Krasis.Core.Checks;

/// <summary>Looks at one size of a sheet for one kind of mistake.</summary>
public interface ICheck
{
    /// <summary>What it finds.</summary>
    /// <param name="size">The size, worked out.</param>
    /// <param name="bar">The bar's facts that it was worked out with.</param>
    IEnumerable<Finding> Judge(SizeSheet size, BarFacts bar);
}
