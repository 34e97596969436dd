using Krasis.Core.Bar.Ingredients;
using Krasis.Recipes.Grammar;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes.Drafting;

/// <summary>Puts lines into a build, and marks the words that say so.</summary>
/// <param name="draft">The build so far.</param>
/// <param name="marking">The marks.</param>
internal sealed class LinePutter(Drafted draft, Marking marking)
{
    /// <summary>Puts something in, or says more of what is in already.</summary>
    /// <param name="ingredient">What.</param>
    /// <param name="said">The bits that say so.</param>
    /// <param name="amounts">The bits that say how much.</param>
    /// <param name="name">What it is called.</param>
    /// <param name="doubt">Why it may be another; null where there is no doubt.</param>
    /// <param name="isAgain">Whether it says again what was said: a step that names what is listed above.</param>
    public void Put(
        Ingredient ingredient,
        IReadOnlyList<Bit> said,
        IReadOnlyList<Bit> amounts,
        string name,
        string? doubt,
        bool isAgain
    )
    {
        var deeds = said.OfType<Bit.Deed>().Select(deed => deed.Does).ToList();
        string? twice = null;
        var line = draft.Lines.LastOrDefault(one => one.Ingredient.Id == ingredient.Id);
        if (line is not null && !isAgain && IsSaid(line, amounts))
        {
            // Whoever lists what goes in, and then tells the steps, says it twice and pours it once.
            isAgain = true;
            twice = $"{name}: said twice, and taken once";
        }

        var isMention =
            line is not null
            && (
                isAgain
                || amounts.Count == 0
                || line.IsPlaceholder
                || (draft.Size != DraftedLine.AnySize && !line.Amounts.ContainsKey(draft.Size))
            );
        if (line is null || !isMention)
        {
            line = new DraftedLine(ingredient);
            draft.Lines.Add(line);
        }

        draft.Current = draft.Continued = line;
        line.IsFoam |= said.Any(bit => bit.Said.Equals("foam", StringComparison.OrdinalIgnoreCase));
        var fill = deeds.Contains(Doing.Fill) || (deeds.Contains(Doing.Top) && Surfaces.FillsUp(line));
        // An amount once; a mark may stand beside it.
        var second = amounts.Where(amount => amount is not Bit.To and not Bit.Vague).Skip(1).ToList();
        marking.Mark(second, PieceKind.NotUnderstood, $"It is a second amount of {ingredient.Name}.");
        var taken = amounts.Except(second, ReferenceEqualityComparer.Instance).Cast<Bit>().ToList();
        var (says, why, isRefused) = TakeAmounts(line, taken, isAgain && isMention);
        doubt ??= why;
        if (fill && !draft.IsSizeUnknown && !amounts.Any(amount => amount is Bit.To or Bit.Amount))
        {
            says.Add(FillUp(line));
        }

        Surfaces.Apply(draft, line, deeds);
        if (says.Count == 0 && !isRefused && !isMention)
        {
            doubt ??= $"{name} · how much is not said";
        }

        // What is named again is what was meant.
        if (isMention && isAgain)
        {
            doubt = twice;
        }

        marking.Mark(
            said.Concat(taken.Where(amount => amount is not Bit.Vague)),
            doubt is null ? PieceKind.Read : PieceKind.Guessed,
            Sentence(name, doubt, says)
        );
    }

    // What was taken, in words; the first doubt about it; and whether any of it was refused, which is marked here.
    private (List<string> Says, string? Doubt, bool IsRefused) TakeAmounts(
        DraftedLine line,
        List<Bit> taken,
        bool isAgain
    )
    {
        var (says, doubt, isRefused) = (new List<string>(), default(string?), false);
        foreach (var amount in taken)
        {
            var (what, why, problem) = amount is Bit.Series series
                ? new Amounts(draft).Take(line, series)
                : new Amounts(draft).Take(line, amount, isAgain);
            if (problem is not null)
            {
                marking.Mark(amount.Start, amount.End, PieceKind.NotUnderstood, problem);
                isRefused = true;
                continue;
            }

            says.Add(what!);
            doubt ??= why;
        }

        return (says, doubt, isRefused);
    }

    private static string Sentence(string name, string? doubt, List<string> says)
    {
        var amounts = string.Join(", ", says);
        return doubt is null ? (says.Count > 0 ? $"{name} · {amounts}" : name)
            : says.Count > 0 && !doubt.Contains('·', StringComparison.Ordinal) ? $"{doubt} · {amounts}"
            : doubt;
    }

    // Whether just that much of it is said of that size already.
    private bool IsSaid(DraftedLine line, IReadOnlyList<Bit> amounts) =>
        amounts is [Bit.Amount { Quantity: var quantity }]
        && line.Measure is { } measure
        && line.Amounts.TryGetValue(draft.Size, out var known)
        && known.Amount is { } amount
        && quantity.Measure == measure
        && Math.Abs(quantity.Amount - amount) < 1e-9;

    /// <summary>Fills up with something.</summary>
    /// <returns>What is said of it.</returns>
    public string FillUp(DraftedLine line)
    {
        line.Take(draft.Size, "to the top");
        return "to the top";
    }
}
