using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Input;

namespace Krasis.App.Bar;

/// <summary>An allergen to choose.</summary>
/// <param name="Code">Its name in documents.</param>
/// <param name="Name">What it is called.</param>
/// <param name="IsUsNine">Whether US law wants it named.</param>
/// <param name="IsEuFourteen">Whether EU law wants it named.</param>
/// <param name="KindOf">What it is a species of, as it is called; null of what is none.</param>
public sealed record AllergenView(string Code, string Name, bool IsUsNine, bool IsEuFourteen, string? KindOf)
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<AllergenView> All { get; } =
    [
        .. Enum.GetValues<Allergen>()
            .Select(allergen => new AllergenView(
                Choice.Word(allergen),
                AllergenLists.Say(allergen),
                AllergenLists.UsNine.Contains(allergen),
                AllergenLists.EuFourteen.Contains(allergen),
                AllergenLists.FamilyOf.TryGetValue(allergen, out var family) ? AllergenLists.Say(family) : null
            )),
    ];
}
