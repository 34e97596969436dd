namespace Krasis.Core.Working.Nutrition;

/// <summary>Values rounded as a US label prints them; null when not known.</summary>
/// <param name="Calories">Energy, kcal.</param>
/// <param name="Fat">Fat.</param>
/// <param name="Saturates">Saturated fat.</param>
/// <param name="Sodium">Sodium.</param>
/// <param name="Carbohydrate">Carbohydrate.</param>
/// <param name="Sugars">Sugars.</param>
/// <param name="Protein">Protein.</param>
public sealed record LabelValues(
    string? Calories,
    string? Fat,
    string? Saturates,
    string? Sodium,
    string? Carbohydrate,
    string? Sugars,
    string? Protein
);
