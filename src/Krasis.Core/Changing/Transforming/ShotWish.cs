using System.Globalization;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Changing.Transforming;

/// <summary>Takes shots away, or makes half of them decaf. No size is left without coffee.</summary>
public static class ShotWish
{
    /// <summary>The most shots that are taken away (common practice, no source).</summary>
    public const int MostFewer = 2;

    /// <summary>How many shots the size with the most can spare; none where no line counts shots.</summary>
    internal static int Spare(BuildDocument document, BarFacts bar) =>
        LineOf(new Draft(document, bar)) is { } line
        && BuildReader.Read(document, bar, nameless: true) is { IsRead: true } read
            ? (int)Math.Clamp(Mixer.Mix(read.Value, bar).Sizes.Max(size => AmountIn(size, line)) - 1, 0, MostFewer)
            : 0;

    /// <summary>Takes shots away.</summary>
    internal static Reading<Transformed> Fewer(BuildDocument document, int fewer, BarFacts bar)
    {
        var draft = new Draft(document, bar);
        if (LineOf(draft) is not { } line || fewer > MostFewer)
        {
            return Problem.At(
                "shots",
                (-fewer).ToString(CultureInfo.InvariantCulture),
                $"You can leave out at most {MostFewer} shots.",
                "a drink that counts its espresso in shots"
            );
        }

        var (sheet, said) = Said(draft, line);
        var less = Each(said, amount => amount > 0 ? Math.Max(Math.Min(1, amount), amount - fewer) : amount);
        draft.Replace(line, less);
        var name = draft.IngredientOf(line)!.Name;
        draft.Note(
            line.Id,
            $"{name}: {fewer} {(fewer == 1 ? "shot" : "shots")} fewer.",
            "The guest asked for it. It is weaker than the standard."
        );
        Stuck(
            draft,
            line,
            sheet.Sizes.Where(size => AmountIn(size, line) is > 0 and var amount && amount - fewer < 1),
            $"{name} stays at one shot in",
            "Without it there would be no coffee."
        );
        return Reading<Transformed>.Of(draft.Finish());
    }

    /// <summary>Pulls every other shot from the decaf. Of an odd number, the one that is over keeps its
    /// caffeine.</summary>
    internal static Reading<Transformed> HalfCaf(BuildDocument document, BarFacts bar, Ingredient? decaf)
    {
        var draft = new Draft(document, bar);
        if (decaf is null || LineOf(draft) is not { } line || line.Ingredient == decaf.Id.Value)
        {
            return Problem.At(
                "halfCaf",
                "true",
                decaf is null
                    ? "The bar has no espresso that is known to be without caffeine."
                    : "There is no regular shot in it to replace.",
                "a drink with two shots or more, and a decaf espresso with a recipe"
            );
        }

        var (sheet, said) = Said(draft, line);
        if (sheet.Sizes.All(size => AmountIn(size, line) < 2))
        {
            return Problem.At("halfCaf", "true", "One shot cannot be halved.", "a drink with two shots or more");
        }

        var halves = Each(said, amount => Math.Floor(amount / 2)) with
        {
            Id = draft.NewId("decaf"),
            Ingredient = decaf.Id.Value,
            Recipe = null,
            Note = null,
        };
        draft.Build = draft.Build with
        {
            Lines =
            [
                .. draft.Build.Lines.SelectMany(each =>
                    each.Id == line.Id
                        ? new[] { Each(said, amount => amount - Math.Floor(amount / 2)), halves }
                        : [each]
                ),
            ],
        };
        var shares = sheet
            .Sizes.Where(size => AmountIn(size, line) > 0)
            .Select(size => (size.Name, Share: Math.Floor(AmountIn(size, line) / 2) / AmountIn(size, line) * 100))
            .ToList();
        draft.Note(
            line.Id,
            $"Decaf: {Say.List([.. shares.Select(size => $"{Say.Whole(size.Share)} % of the shots in {size.Name}")])}.",
            "Only whole shots are pulled, so an odd one stays regular."
        );
        return Reading<Transformed>.Of(draft.Finish());
    }

    private static LineDocument? LineOf(Draft draft) =>
        draft.Of(IngredientKind.Espresso).FirstOrDefault(line => line.Measure == Measure.Shot.Code);

    private static (BuildSheet Sheet, LineDocument Said) Said(Draft draft, LineDocument line)
    {
        var sheet = Mixer.Mix(BuildReader.Read(draft.Build, draft.Bar, nameless: true).Value, draft.Bar);
        return (sheet, draft.SaySizes(line, sheet));
    }

    private static double AmountIn(SizeSheet size, LineDocument line) =>
        size.Lines.First(cell => cell.Line.Value == line.Id).Amount;

    /// <summary>The same line with every amount changed; what it says besides no longer holds.</summary>
    internal static LineDocument Each(LineDocument line, Func<double, double> change) =>
        line with
        {
            Amount = change(line.Amount ?? 0),
            To = null,
            Stated = null,
            Scale = line.Scale is null ? null : line.Scale with { Ladder = [] },
            Pins =
            [
                .. line.Pins.Select(pin => pin with { Amount = change(pin.Amount ?? 0), To = null, Stated = null }),
            ],
        };

    internal static void Stuck(Draft draft, LineDocument line, IEnumerable<SizeSheet> sizes, string what, string why)
    {
        var names = sizes.Select(size => size.Name).ToList();
        if (names.Count > 0)
        {
            draft.Note(line.Id, $"{what} {Say.List(names)}.", why);
        }
    }
}
