using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds.Lines;

namespace Krasis.Core.Working.Nutrition;

/// <summary>An allergen in a drink, and what brings it in.</summary>
/// <param name="Allergen">The allergen.</param>
/// <param name="Name">What it is called in a sentence.</param>
/// <param name="IsUsNine">Whether US law wants it named.</param>
/// <param name="IsEuFourteen">Whether EU law wants it named.</param>
/// <param name="IsTrace">Whether it is only said that it may be there.</param>
/// <param name="Lines">The lines that bring it in, in pour order.</param>
/// <param name="From">What those lines are called.</param>
public sealed record AllergenTrace(
    Allergen Allergen,
    string Name,
    bool IsUsNine,
    bool IsEuFourteen,
    bool IsTrace,
    IReadOnlyList<LineId> Lines,
    IReadOnlyList<string> From
);
