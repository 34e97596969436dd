using System.Globalization;
using System.Text.Json.Nodes;
using Krasis.Core.Making;
using Krasis.Core.Making.Telling;
using Krasis.Core.Working.Nutrition;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Exchange.Linked;

/// <summary>A drink as linked data: schema.org's <c>Recipe</c>, one a size, as JSON-LD 1.1.</summary>
/// <remarks>The words are those of schema.org/Recipe, /HowToStep and /NutritionInformation. What is not known is left
/// out, and nothing is said of being free from something.</remarks>
public static class LinkedRecipe
{
    /// <summary>Writes it.</summary>
    /// <param name="plans">How its sizes are made.</param>
    /// <param name="sizes">The same sizes worked out.</param>
    /// <param name="published">When it was published.</param>
    /// <param name="house">Who makes it; null where that is not said.</param>
    public static JsonObject Of(
        IReadOnlyList<MakingPlan> plans,
        IReadOnlyList<SizeSheet> sizes,
        DateTimeOffset published,
        string? house = null
    ) =>
        new()
        {
            ["@context"] = "https://schema.org",
            ["@graph"] = new JsonArray([
                .. plans.Select(plan =>
                    (JsonNode)Recipe(
                        plan,
                        sizes.FirstOrDefault(size => size.Size == plan.Size)?.Inside.Nutrition,
                        published,
                        house
                    )
                ),
            ]),
        };

    private static JsonObject Recipe(
        MakingPlan plan,
        NutritionFacts? nutrition,
        DateTimeOffset published,
        string? house
    )
    {
        var recipe = new JsonObject
        {
            ["@type"] = "Recipe",
            ["name"] = $"{plan.Drink}, {plan.SizeName}",
            ["recipeCategory"] = "Drink",
            ["recipeYield"] =
                $"1 {plan.SizeName} ({KitchenAmount.Of(plan.Cup.BrimCapacity, KitchenWords.Metric)} to the brim)",
            ["datePublished"] = published.UtcDateTime.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
            ["recipeIngredient"] = new JsonArray([
                .. plan
                    .Steps.Where(step => step.Ingredient is not null && !step.IsMore)
                    .Select(step => (JsonNode)Ingredient(step)),
            ]),
            ["recipeInstructions"] = new JsonArray([
                .. plan.Steps.Select(step =>
                    (JsonNode)
                        new JsonObject
                        {
                            ["@type"] = "HowToStep",
                            ["position"] = step.Number,
                            ["name"] = step.Title,
                            ["text"] = RecipeText.Line(step, KitchenWords.Metric),
                        }
                ),
            ]),
            ["keywords"] = string.Join(' ', RecipeText.Allergens([plan])),
        };
        if (house is not null)
        {
            recipe["author"] = new JsonObject { ["@type"] = "Organization", ["name"] = house };
        }

        var seconds = plan.Steps.Sum(step => step.Seconds ?? 0);
        if (seconds > 0)
        {
            // ISO 8601: what the steps take that say how long they do.
            recipe["performTime"] = $"PT{Math.Round(seconds).ToString(CultureInfo.InvariantCulture)}S";
        }

        if (nutrition is not null && Nutrition(plan, nutrition) is { } facts)
        {
            recipe["nutrition"] = facts;
        }

        return recipe;
    }

    private static string Ingredient(MakingStep step)
    {
        var beside = step.Beside.Length > 0 ? $" ({step.Beside})" : "";
        return $"{step.Amount}{beside} {step.Title}".Trim();
    }

    private static JsonObject? Nutrition(MakingPlan plan, NutritionFacts facts)
    {
        var known = new JsonObject { ["@type"] = "NutritionInformation", ["servingSize"] = $"1 {plan.SizeName}" };
        Add("calories", facts.Energy?.Value, "calories", 0);
        Add("fatContent", facts.Fat?.Value, "g", 1);
        Add("saturatedFatContent", facts.Saturates?.Value, "g", 1);
        Add("carbohydrateContent", facts.Carbohydrate?.Value, "g", 1);
        Add("sugarContent", facts.Sugars?.Value, "g", 1);
        Add("proteinContent", facts.Protein?.Value, "g", 1);
        Add("sodiumContent", facts.Salt is { } salt ? LabelRounding.SodiumOf(salt).Value : null, "mg", 0);
        return known.Count > 2 ? known : null;

        void Add(string name, double? value, string unit, int digits)
        {
            if (value is { } number)
            {
                known[name] = $"{Math.Round(number, digits).ToString(CultureInfo.InvariantCulture)} {unit}";
            }
        }
    }
}
