using System.Text;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Quantities;

namespace Krasis.Core.Making.Telling;

/// <summary>Tells how a drink is made as one would send it in a message.</summary>
public static class RecipeText
{
    /// <summary>Tells it.</summary>
    /// <param name="plans">How its sizes are made; told in this order.</param>
    /// <param name="words">In which measures.</param>
    /// <param name="isMarkdown">Whether heads and lists are marked (CommonMark), or stand as plain text.</param>
    public static string Of(IReadOnlyList<MakingPlan> plans, KitchenWords words, bool isMarkdown)
    {
        var text = new StringBuilder();
        text.Append(isMarkdown ? "# " : "").Append(Safe(plans[0].Drink)).Append('\n');
        foreach (var plan in plans)
        {
            text.Append('\n')
                .Append(isMarkdown ? "## " : "")
                .Append(Safe(plan.SizeName))
                .Append(" (")
                .Append(KitchenAmount.Of(plan.Cup.BrimCapacity, words))
                .Append(" to the brim)\n");
            text.Append(isMarkdown ? "\n" : "");
            foreach (var step in plan.Steps)
            {
                text.Append(step.Number).Append(". ").Append(Safe(Line(step, words))).Append('\n');
            }
        }

        foreach (var said in Told(plans))
        {
            text.Append('\n').Append(Safe(KitchenAmount.Degrees(said, words))).Append('\n');
        }

        return text.ToString();

        string Safe(string name) => isMarkdown ? Escaped(name) : name;
    }

    /// <summary>What is to be minded of a drink, and its allergens, each sentence once.</summary>
    public static IReadOnlyList<string> Told(IReadOnlyList<MakingPlan> plans) =>
        [
            .. plans
                .SelectMany(plan => plan.Cautions.Concat(plan.Steps.SelectMany(step => step.Cautions)))
                .Concat(Allergens(plans))
                .Distinct(),
        ];

    /// <summary>What is told of the allergens of some sizes, a sentence each where they differ.</summary>
    public static IReadOnlyList<string> Allergens(IReadOnlyList<MakingPlan> plans) =>
        AllergenWords.Sentences([.. plans.Select(plan => (plan.SizeName, plan.Allergens))]);

    /// <summary>A step in sentences: what goes in and how much, how it is pulled or steamed, and what is
    /// done.</summary>
    /// <param name="step">The step.</param>
    /// <param name="words">In which measures.</param>
    public static string Line(MakingStep step, KitchenWords words)
    {
        string[] sentences =
        [
            Amount(step, words) is { Length: > 0 } amount ? $"{step.Title}: {amount}." : $"{step.Title}.",
            step.Shot is { } shot ? $"{shot.Says}." : "",
            step.Foam is { } foam
                ? (
                    foam.IsCold
                        ? $"Foam it cold to {StepWords.Named(foam)}."
                        : $"Steam it to {StepWords.Named(foam)}, {Say.Degrees(foam.To)}."
                )
                : "",
            step.How,
        ];
        return KitchenAmount
            .Degrees(string.Join(' ', sentences.Where(sentence => sentence.Length > 0)), words)
            .TrimEnd();
    }

    // As the bar says it, and what that is for those who have not its pumps, baskets and ice.
    private static string Amount(MakingStep step, KitchenWords words)
    {
        var metric = string.Join(
            ", ",
            new[]
            {
                step.Cold is { } cold ? KitchenAmount.Of(cold, KitchenWords.Metric) : null,
                step.Target is { } target ? KitchenAmount.Of(target.Grams, KitchenWords.Metric) : null,
            }
                .OfType<string>()
                .Where(said => said != step.Amount)
        );
        var kitchen =
            words == KitchenWords.Metric ? ""
            : step.Cold is { } volume ? KitchenAmount.Of(volume, words)
            : step.Target is { } mass ? KitchenAmount.Of(mass.Grams, words)
            : "";
        var beside = string.Join("; ", new[] { kitchen, metric }.Where(said => said.Length > 0));
        return step.Amount.Length == 0 || beside.Length == 0 ? step.Amount : $"{step.Amount} ({beside})";
    }

    // CommonMark 2.4: what could be taken for a mark.
    private static string Escaped(string text)
    {
        var safe = new StringBuilder();
        foreach (var letter in text)
        {
            safe.Append(letter is '\\' or '`' or '*' or '_' or '[' or ']' or '<' or '>' or '#' or '|' ? "\\" : "")
                .Append(letter);
        }

        return safe.ToString();
    }
}
