using Krasis.Core.Bar;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Bringing;

namespace Krasis.App.Files;

/// <summary>What importing drinks from another house would change.</summary>
/// <param name="House">The house that they come from.</param>
/// <param name="Drinks">The drinks.</param>
/// <param name="Choices">How each fact that they need is matched to this bar.</param>
/// <param name="Added">The facts that are added with them.</param>
public sealed record TakePlan(
    string House,
    IReadOnlyList<TakenDrink> Drinks,
    IReadOnlyList<FactChoice> Choices,
    BarDocument Added
);

/// <summary>A drink that is taken in.</summary>
/// <param name="Guest">The drink in the file.</param>
/// <param name="Build">The drink as it will be saved here.</param>
/// <param name="Replaces">Whether it replaces the drink here with the same id or name.</param>
public sealed record TakenDrink(BundledBuild Guest, BuildDocument Build, bool Replaces);
