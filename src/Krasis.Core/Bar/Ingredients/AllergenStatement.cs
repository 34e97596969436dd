namespace Krasis.Core.Bar.Ingredients;

/// <summary>What the label says of allergens. That nothing is said of an ingredient is not a statement.</summary>
/// <param name="Contains">What is in it.</param>
/// <param name="MayContain">What may be in it as a trace.</param>
public sealed record AllergenStatement(IReadOnlySet<Allergen> Contains, IReadOnlySet<Allergen> MayContain)
{
    /// <summary>None at all, as of water.</summary>
    public static AllergenStatement None { get; } = new(new HashSet<Allergen>(), new HashSet<Allergen>());

    /// <summary>Both together.</summary>
    public AllergenStatement With(AllergenStatement other) =>
        new(
            new HashSet<Allergen>(Contains.Concat(other.Contains)),
            new HashSet<Allergen>(MayContain.Concat(other.MayContain))
        );
}
