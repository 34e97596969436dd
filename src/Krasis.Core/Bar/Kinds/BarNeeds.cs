namespace Krasis.Core.Bar.Kinds;

/// <summary>What somebody needs of a bar, by ids.</summary>
/// <param name="Cups">The cups.</param>
/// <param name="Ingredients">The ingredients and parts, with all that is in them.</param>
/// <param name="Foams">The foam levels.</param>
/// <param name="IsSteamed">Whether milk is steamed.</param>
public sealed record BarNeeds(
    IReadOnlySet<string> Cups,
    IReadOnlySet<string> Ingredients,
    IReadOnlySet<string> Foams,
    bool IsSteamed
)
{
    /// <summary>Whether a cup is needed.</summary>
    public bool Cup(string? id) => id is not null && Cups.Contains(id);

    /// <summary>Whether an ingredient or a part is needed.</summary>
    public bool Ingredient(string? id) => id is not null && Ingredients.Contains(id);

    /// <summary>Whether a foam level is needed.</summary>
    public bool Foam(string? id) => id is not null && Foams.Contains(id);
}
