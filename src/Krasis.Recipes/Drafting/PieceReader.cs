using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Quantities;
using Krasis.Recipes.Finding;
using Krasis.Recipes.Grammar;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes.Drafting;

/// <summary>Reads how a part is made, where a recipe says it in brackets behind its name.</summary>
/// <param name="draft">The build so far.</param>
/// <param name="marking">The marks.</param>
internal sealed class PieceReader(Drafted draft, Marking marking)
{
    // Two makings that differ by less are one (common practice, no source).
    private const double SameShare = 0.02;

    /// <summary>Reads a part.</summary>
    /// <param name="bits">What stands before the brackets: its name, and how much of it goes in.</param>
    /// <param name="makings">The brackets.</param>
    /// <returns>The part as an ingredient with what is said of it; null where the brackets do not say how it is
    /// made.</returns>
    public Made? Read(IReadOnlyList<Bit> bits, Bit.Group makings)
    {
        var said = bits.Where(bit => bit.IsOfWords).ToList();
        var named = said.SkipWhile(bit => bit is Bit.Deed or Bit.Filler && !IsOfName(said, bit)).ToList();
        if (named.Count == 0 || ReadLines(makings) is not { } lines)
        {
            return null;
        }

        var name = string.Join(' ', named.Select(bit => bit.Said));
        var isRatio = makings.Inside.Any(bit => bit is Bit.Ratio);
        var known =
            draft.Names.Find([.. named.Select(bit => bit.Said)], _ => true) is [{ } one] && one.Count == named.Count
                ? one
                : null;
        var own = known is null ? null : draft.PartOf(known.Ingredient.Id);
        var amounts = bits.Where(bit => bit.IsAmount).ToList();
        if (own is not null && IsSame(own, lines))
        {
            marking.Mark([makings], PieceKind.Read, $"{known!.Ingredient.Name} · made as the house makes it");
            return new Made(known.Ingredient, said, amounts, known.Ingredient.Name, known.Doubt);
        }

        if (known is null && draft.PartLike(part => IsSame(part, lines)) is { } same)
        {
            marking.Mark([makings], PieceKind.Read, $"{same.Name} · made as the house makes it");
            return new Made(same, said, amounts, same.Name, $"taken for {same.Name}, which is made so");
        }

        var kind = KindOf(name, lines);
        var title = Enumerable
            .Range(1, int.MaxValue)
            .Select(n => n == 1 ? Capital(name) : string.Create(CultureInfo.InvariantCulture, $"{Capital(name)} {n}"))
            .First(free => !draft.HasName(free));
        var part = new PartDocument
        {
            Name = title,
            Kind = Core.Input.Choice.Word(kind),
            Colour = "#d9b38c",
            Ratio = isRatio ? "volume" : null,
            Lines = [.. lines.Select(line => line.Document)],
        };
        var (made, problem) = draft.Add(part);
        if (made is null)
        {
            marking.Mark([makings], PieceKind.NotUnderstood, problem);
            return null;
        }

        marking.Mark(
            [makings],
            PieceKind.Guessed,
            isRatio ? $"{title} · a new part, its makings taken by volume" : $"{title} · a new part"
        );
        draft.Assumed.Add(
            $"{title} is a new part of the bar: how it is made, and how long it keeps, is to be looked at before it is used."
        );
        return new Made(
            made,
            said,
            amounts,
            title,
            known is null ? null : $"{title} · made otherwise than the house's own"
        );
    }

    // "Cold" and "top" are of a name where the house has one that begins so.
    private bool IsOfName(List<Bit> said, Bit bit) =>
        draft.Bar.Ingredients.Any(ingredient =>
            ingredient.Name.StartsWith(
                string.Join(' ', said.SkipWhile(one => one != bit).Select(one => one.Said)),
                StringComparison.OrdinalIgnoreCase
            )
        )
        || (
            bit.Said.Equals("cold", StringComparison.OrdinalIgnoreCase)
            && said.SkipWhile(one => one != bit)
                .Skip(1)
                .FirstOrDefault()
                ?.Said.Equals("foam", StringComparison.OrdinalIgnoreCase) == true
        );

    private List<PartOf>? ReadLines(Bit.Group makings)
    {
        var ratio = makings.Inside.OfType<Bit.Ratio>().FirstOrDefault();
        var clauses = Clause.Of([.. makings.Inside.Where(bit => bit is not Bit.Ratio)], _ => false);
        var lines = new List<PartOf>();
        foreach (var clause in clauses)
        {
            var words = clause.Bits.Where(bit => bit.IsOfWords).ToList();
            if (words.Count == 0)
            {
                continue;
            }

            var found = draft.Names.Find([.. words.Select(bit => bit.Said)], at => words[at] is Bit.Word);
            if (found is not [{ } only])
            {
                draft.Ask(string.Join(' ', words.Where(bit => bit is Bit.Word).Select(bit => bit.Said)), null);
                return null;
            }

            if (ratio is not null)
            {
                lines.Add(
                    new PartOf(
                        only,
                        new PartLineDocument
                        {
                            Ingredient = only.Ingredient.Id.Value,
                            Amount = ratio.Parts.ElementAtOrDefault(lines.Count),
                        }
                    )
                );
                continue;
            }

            if (
                clause.Bits.OfType<Bit.Amount>().FirstOrDefault() is not { Quantity: var quantity }
                || Measured(quantity, only.Ingredient) is not { } measured
            )
            {
                return null;
            }

            lines.Add(
                new PartOf(
                    only,
                    new PartLineDocument
                    {
                        Ingredient = only.Ingredient.Id.Value,
                        Amount = Math.Round(measured.Amount, 2),
                        Measure = measured.Measure.Code,
                    }
                )
            );
        }

        return lines.Count < 2 || (ratio is not null && ratio.Parts.Count != lines.Count) ? null : lines;
    }

    // A part is measured out; strokes and shots are turned into what they are here.
    private Quantity? Measured(Quantity quantity, Ingredient ingredient) =>
        quantity.Measure.Kind is MeasureKind.Mass or MeasureKind.Volume ? quantity
        : Dosing.Convert(quantity, Measure.Millilitre, ingredient, draft.Bar, "amount") is { IsRead: true } ml
            ? ml.Value
        : null;

    private static bool IsSame(PartDocument own, List<PartOf> lines)
    {
        if (
            own.Lines.Count != lines.Count
            || !own.Lines.Select(line => line.Ingredient).SequenceEqual(lines.Select(line => line.Document.Ingredient))
            || lines.Exists(line => line.Document.Measure is not null) != own.Ratio is null
        )
        {
            return false;
        }

        var (first, other) = (own.Lines.Sum(line => line.Amount ?? 0), lines.Sum(line => line.Document.Amount ?? 0));
        return first > 0
            && other > 0
            && own.Lines.Zip(lines)
                .All(pair =>
                    pair.First.Measure == pair.Second.Document.Measure
                    && Math.Abs(((pair.First.Amount ?? 0) / first) - ((pair.Second.Document.Amount ?? 0) / other))
                        <= SameShare
                );
    }

    private static IngredientKind KindOf(string name, List<PartOf> lines) =>
        name.Contains("syrup", StringComparison.OrdinalIgnoreCase) ? IngredientKind.Syrup
        : name.Contains("sauce", StringComparison.OrdinalIgnoreCase) ? IngredientKind.Sauce
        : lines.Exists(line => line.Found.Ingredient.Kind == IngredientKind.Milk) ? IngredientKind.Milk
        : lines[0].Found.Ingredient.Kind;

    private static string Capital(string name) => name.Length == 0 ? name : char.ToUpperInvariant(name[0]) + name[1..];

    /// <summary>A part that was read.</summary>
    /// <param name="Line">It as an ingredient.</param>
    /// <param name="Rest">The bits that named it.</param>
    /// <param name="Amounts">How much of it goes in.</param>
    /// <param name="Says">What it is called.</param>
    /// <param name="Doubt">Why it may be another.</param>
    internal sealed record Made(
        Ingredient Line,
        IReadOnlyList<Bit> Rest,
        IReadOnlyList<Bit> Amounts,
        string Says,
        string? Doubt
    );

    private sealed record PartOf(FoundName Found, PartLineDocument Document);
}
