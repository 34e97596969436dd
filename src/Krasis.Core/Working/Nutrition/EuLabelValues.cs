namespace Krasis.Core.Working.Nutrition;

/// <summary>Values rounded as an EU label prints them; null when not known.</summary>
/// <param name="Energy">Energy, kJ and kcal.</param>
/// <param name="Fat">Fat.</param>
/// <param name="Saturates">Saturated fat.</param>
/// <param name="Carbohydrate">Carbohydrate.</param>
/// <param name="Sugars">Sugars.</param>
/// <param name="Protein">Protein.</param>
/// <param name="Salt">Salt.</param>
public sealed record EuLabelValues(
    string? Energy,
    string? Fat,
    string? Saturates,
    string? Carbohydrate,
    string? Sugars,
    string? Protein,
    string? Salt
);
