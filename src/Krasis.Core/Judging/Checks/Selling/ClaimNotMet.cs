using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Judging.Settings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Checks.Selling;

/// <summary>What is claimed of the drink is not so by what is known of it, or is not known.</summary>
internal sealed class ClaimNotMet : ICheck
{
    /// <inheritdoc/>
    public string Name => "claim";

    /// <inheritdoc/>
    public IEnumerable<Finding> Judge(Setting setting, SizeSheet size, WorkedSize worked)
    {
        if (!size.IsReference)
        {
            yield break;
        }

        foreach (var claim in setting.Build.Claims)
        {
            var lines = worked.Lines.Where(line => line.IsPoured).ToList();
            var breaks = lines.FindAll(line => Breaks(claim, line.Ingredient) == true);
            var unknown = lines.FindAll(line => Breaks(claim, line.Ingredient) is null);
            if (breaks.Count > 0)
            {
                yield return Found(
                    Severity.Fault,
                    $"\"{Claims.Words(claim)}\" is not so: {Names(breaks)} {(breaks.Count == 1 ? "brings" : "bring")} {What(claim)}."
                );
            }
            else if (unknown.Count > 0)
            {
                yield return Found(
                    Severity.Warning,
                    $"whether \"{Claims.Words(claim)}\" is so is not known of {Names(unknown)}."
                );
            }
        }

        Finding Found(Severity severity, string message) =>
            new(Name, severity, size.Size, null, $"{size.Name}: {message}", null);
        static string Names(List<WorkedLine> lines) =>
            Say.List([.. lines.Select(line => line.Ingredient.Name).Distinct()]);
    }

    private static string What(Claim claim) => claim == Claim.NoAddedSugar ? "sugar" : "milk";

    // Null when it is not known. A milk's or plant drink's own sugars are not added, as far as they are lactose, its
    // parts, or come of its starch.
    private static bool? Breaks(Claim claim, Ingredient ingredient) =>
        claim switch
        {
            Claim.WithoutMilk => ingredient.Allergens.Of(Allergen.Milk) switch
            {
                Presence.Contains => true,
                Presence.NotNamed => false,
                _ => null,
            },
            _ when ingredient.IsUnsweet => false,
            _ when ingredient.Sugars is null => null,
            _ when ingredient.Kind == IngredientKind.Milk => ingredient.Sugars[Sugar.Sucrose].Value
                + ingredient.Sugars[Sugar.Fructose].Value
                > 0.05,
            _ => ingredient.Sugars!.Values.Sum(grams => grams.Value) > 0.5,
        };
}
