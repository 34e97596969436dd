using System.Globalization;
using System.Text.Json;
using Krasis.Core.Builds;

namespace Krasis.Recipes.Tests;

/// <summary>What a text of tests/reference/recipes says, as somebody who wrote it down by hand.</summary>
internal sealed record ExpectedRecipe(
    string Name,
    IReadOnlyList<string> Lines,
    IReadOnlyList<string>? Sizes,
    IReadOnlyList<string>? Marked,
    string? Serve
)
{
    public static IReadOnlyList<ExpectedRecipe> Of(int number) =>
        JsonSerializer.Deserialize<All>(File.ReadAllText(At(number, "json")), JsonSerializerOptions.Web)!.Recipes;

    public static string Text(int number) => File.ReadAllText(At(number, "txt"));

    private static string At(int number, string kind) =>
        Path.Combine(AppContext.BaseDirectory, "recipes", $"{number:00}.{kind}");

    private sealed record All(IReadOnlyList<ExpectedRecipe> Recipes);
}

/// <summary>A line that a recipe should come to: <c>3 pumps hazelnut => hazelnut-syrup 3 stroke heron=4 how=stir
/// to=to_the_top</c>.</summary>
internal sealed record ExpectedLine(
    string Said,
    string Ingredient,
    double Amount,
    string? Measure,
    string? To,
    string? How,
    IReadOnlyDictionary<string, double> Pins
)
{
    public static ExpectedLine Read(string text)
    {
        var (said, means) = (text.Split(" => ")[0], text.Split(" => ")[1].Split(' '));
        var more = means
            .Where(word => word.Contains('=', StringComparison.Ordinal))
            .Select(word => word.Split('='))
            .ToDictionary(pair => pair[0], pair => pair[1]);
        return new ExpectedLine(
            said,
            means[0],
            double.Parse(means[1], CultureInfo.InvariantCulture),
            means.Length > 2 && !means[2].Contains('=', StringComparison.Ordinal) ? means[2] : null,
            more.GetValueOrDefault("to")?.Replace('_', ' '),
            more.GetValueOrDefault("how"),
            more.Where(pair => pair.Key is not ("to" or "how"))
                .ToDictionary(pair => pair.Key, pair => double.Parse(pair.Value, CultureInfo.InvariantCulture))
        );
    }

    public bool Is(LineDocument line) =>
        line.Ingredient == Ingredient
        && Math.Abs((line.Amount ?? 0) - Amount) < 0.01
        && (Measure is null || line.Measure == Measure)
        && line.To == To
        && (How is null || line.Technique == How)
        && Pins.All(pin => line.Pins.Any(one => one.Size == pin.Key && Math.Abs((one.Amount ?? 0) - pin.Value) < 0.01));
}
