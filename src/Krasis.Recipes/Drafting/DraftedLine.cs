using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Quantities;

namespace Krasis.Recipes.Drafting;

/// <summary>A line of the build that a recipe becomes, as far as it has been read.</summary>
/// <param name="ingredient">What goes in.</param>
internal sealed class DraftedLine(Ingredient ingredient)
{
    /// <summary>The size of what is said of no size.</summary>
    public const string AnySize = "";

    /// <summary>What goes in.</summary>
    public Ingredient Ingredient { get; } = ingredient;

    /// <summary>The measure that all its amounts are in; null as long as none is said.</summary>
    public Measure? Measure { get; private set; }

    /// <summary>How much, by the cup's id.</summary>
    public Dictionary<string, DraftedAmount> Amounts { get; } = new(StringComparer.Ordinal);

    /// <summary>Whether nothing is said yet of how much.</summary>
    public bool IsPlaceholder => Amounts.Count == 0;

    /// <summary>Whether it is foam, or called so.</summary>
    public bool IsFoam { get; set; } =
        ingredient.Name.Contains("foam", StringComparison.OrdinalIgnoreCase)
        || ingredient.Name.Contains("whip", StringComparison.OrdinalIgnoreCase);

    /// <summary>How it goes in; null where it is not said.</summary>
    public Technique? Technique { get; set; }

    /// <summary>The espresso recipe that it is pulled by; null for the bar's own.</summary>
    public string? Recipe { get; set; }

    /// <summary>What else is said of it.</summary>
    public List<string> Notes { get; } = [];

    /// <summary>Takes an amount of a size.</summary>
    /// <returns>Why it cannot be; null where it can.</returns>
    public string? Take(string size, Quantity quantity, Quantity? also, BarFacts bar)
    {
        if (Dosing.Refusal(Ingredient, quantity.Measure, bar) is { } refusal)
        {
            return refusal;
        }

        Measure ??= quantity.Measure;
        var mine = Dosing.Convert(quantity, Measure, Ingredient, bar, "amount");
        if (!mine.IsRead)
        {
            return mine.Problems[0].Message;
        }

        var stated =
            also is { } again && Dosing.Refusal(Ingredient, again.Measure, bar) is null ? again
            : quantity.Measure != Measure ? quantity
            : default(Quantity?);
        Amounts[size] = Of(size) with { Amount = Math.Round(mine.Value.Amount, 2), Stated = stated?.ToString() };
        return null;
    }

    /// <summary>Takes a mark that a size is filled to.</summary>
    public void Take(string size, string to) => Amounts[size] = Of(size) with { To = to };

    private DraftedAmount Of(string size) => Amounts.GetValueOrDefault(size) ?? new DraftedAmount(null, null, null);
}

/// <summary>How much of a line goes into one size.</summary>
/// <param name="Amount">In the line's measure; null where it is not said.</param>
/// <param name="Stated">The same said again in another measure.</param>
/// <param name="To">To where it is filled.</param>
internal sealed record DraftedAmount(double? Amount, string? Stated, string? To);
