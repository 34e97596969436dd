using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Bringing;

namespace Krasis.App.Files;

/// <summary>What taking drinks of another house in comes to, before anything is changed.</summary>
/// <param name="House">The house that they are of.</param>
/// <param name="Drinks">The drinks.</param>
/// <param name="Choices">What each fact that they rest on is to be here.</param>
/// <param name="Added">The facts that come along.</param>
public sealed record TakePlan(
    string House,
    IReadOnlyList<TakenDrink> Drinks,
    IReadOnlyList<FactChoice> Choices,
    BarDocument Added
);

/// <summary>A drink that is taken in.</summary>
/// <param name="Guest">As it stands in the file.</param>
/// <param name="Build">As it is to be here.</param>
/// <param name="Replaces">Whether it takes the place of the one that it is, or is called like.</param>
public sealed record TakenDrink(BundledBuild Guest, BuildDocument Build, bool Replaces);
