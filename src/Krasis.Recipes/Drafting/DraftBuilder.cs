using Krasis.Core.Bar;
using Krasis.Core.Builds;

namespace Krasis.Recipes.Drafting;

/// <summary>Makes a build of what has been read, and says what it had to assume.</summary>
internal static class DraftBuilder
{
    private const int LongestName = 60,
        LongestNote = 500;

    /// <summary>The build.</summary>
    /// <param name="draft">What has been read.</param>
    public static BuildDocument Build(Drafted draft)
    {
        var blank = BlankBuild.For(draft.Bar);
        var sizes =
            draft.SizesSaid.Count > 0
                ? [.. draft.SizesSaid.OrderBy(id => draft.Bar.Find(new Core.Bar.Cups.CupId(id))!.BrimCapacity.Value)]
                : blank.Sizes;
        var reference = Reference(draft, sizes, blank);
        if (draft.SizesSaid.Count == 0 && sizes.Count > 0)
        {
            draft.Assumed.Add(
                $"No size is said: the amounts are taken for {NameOf(reference)}, and the other sizes follow from it."
            );
        }

        if (string.IsNullOrWhiteSpace(draft.Name))
        {
            draft.Assumed.Add("No name is said.");
        }

        var lowest = sizes
            .Select(id => draft.Bar.Find(new Core.Bar.Cups.CupId(id))!.Shape.Height.Value / 2)
            .DefaultIfEmpty(double.MaxValue)
            .Min();
        return blank with
        {
            Name = Plain(draft.Name ?? "", LongestName),
            Sizes = sizes,
            ReferenceSize = reference,
            ReserveMm = Math.Min(draft.Bar.House.Reserve.Value, lowest),
            Serve = draft.Serve is { } serve ? Core.Input.Choice.Word(serve) : null,
            Lines =
            [
                .. draft
                    .Lines.Take(BuildReader.MostLines)
                    .Select((line, i) => Line(draft, line, $"l{i + 1}", reference ?? "", sizes)),
            ],
        };

        string NameOf(string? id) => draft.Bar.Find(new Core.Bar.Cups.CupId(id ?? ""))?.Name ?? "the first";
    }

    // As a build takes it: without what is not to be seen, and not too long.
    private static string Plain(string text, int most)
    {
        var plain = string.Concat(text.Select(letter => char.IsControl(letter) ? ' ' : letter)).Trim();
        return plain.Length > most ? plain[..most].Trim() : plain;
    }

    // The size that most is said of; the middle one of those.
    private static string? Reference(Drafted draft, IReadOnlyList<string> sizes, BuildDocument blank) =>
        draft.SizesSaid.Count == 0
            ? blank.ReferenceSize
            : sizes
                .Select(
                    (id, i) =>
                        (
                            Id: id,
                            Said: draft.Lines.Count(line => line.Amounts.ContainsKey(id)),
                            Off: Math.Abs(i - ((sizes.Count - 1) / 2))
                        )
                )
                .OrderByDescending(one => one.Said)
                .ThenBy(one => one.Off)
                .First()
                .Id;

    private static LineDocument Line(
        Drafted draft,
        DraftedLine line,
        string id,
        string reference,
        IReadOnlyList<string> sizes
    )
    {
        var measure = line.Measure ?? Dosing.MeasuresFor(line.Ingredient, draft.Bar)[0];
        var known = line.Amounts.GetValueOrDefault(reference) ?? line.Amounts.GetValueOrDefault(DraftedLine.AnySize);
        if (known is null && line.Amounts.Count > 0)
        {
            var (size, other) = line.Amounts.First();
            known = other;
            draft.Assumed.Add(
                $"{line.Ingredient.Name}: nothing is said of {draft.Bar.Find(new Core.Bar.Cups.CupId(reference))!.Name}; the amount of {draft.Bar.Find(new Core.Bar.Cups.CupId(size))!.Name} stands there."
            );
        }

        return new LineDocument
        {
            Id = id,
            Ingredient = line.Ingredient.Id.Value,
            Measure = measure.Code,
            Amount = known?.Amount ?? 0,
            To = known?.To,
            Stated = known?.Stated,
            Technique = line.Technique is { } technique ? Techniques.Of(technique) : null,
            Recipe = line.Recipe,
            Note = line.Notes.Count == 0 ? null : Plain(string.Join("; ", line.Notes), LongestNote),
            Pins =
            [
                .. sizes
                    .Where(size => size != reference && line.Amounts.ContainsKey(size))
                    .Select(size => new PinDocument
                    {
                        Size = size,
                        Amount = line.Amounts[size].Amount,
                        To = line.Amounts[size].To,
                        Stated = line.Amounts[size].Stated,
                    }),
            ],
        };
    }
}
