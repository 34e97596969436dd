using Krasis.App.Bar;
using Krasis.Core.Bar.Kinds;

namespace Krasis.Web.Tests.Architecture;

/// <summary>Whatever a bar has is shown to the page.</summary>
public class BarKindsTests
{
    [Fact]
    public void The_view_of_a_bar_has_every_sort_of_fact()
    {
        var shown = typeof(BarView)
            .GetProperties()
            .Select(property => property.Name.ToUpperInvariant())
            .ToHashSet(StringComparer.Ordinal);
        Assert.All(BarKinds.All, kind => Assert.Contains(kind.Name.ToUpperInvariant(), shown));
    }
}
