using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Input;
using Krasis.Core.Judging.Checks.Amounts;
using Krasis.Core.Judging.Checks.Taste;
using Krasis.Core.Quantities;
using Krasis.Core.Working.SizeSheets;
using Krasis.Core.Working.Speaking;

namespace Krasis.Core.Changing.Editing;

/// <summary>What was typed into a cell, understood.</summary>
/// <param name="Quantity">How much, in the line's measure.</param>
/// <param name="To">The mark that was said; null for an amount.</param>
/// <param name="Stated">The same said again in another measure, as it is kept; null when it was said once.</param>
/// <param name="Objection">Why it contradicts itself at this bar, or what is to be asked of it; null when
/// nothing.</param>
public sealed record TypedAmount(Quantity Quantity, string? To, string? Stated, string? Objection)
{
    /// <summary>Understands what was typed.</summary>
    /// <param name="text">The text.</param>
    /// <param name="ingredient">What the line is of.</param>
    /// <param name="measure">The line's measure: that of the answer, and what is meant where the text names
    /// none.</param>
    /// <param name="bar">The bar.</param>
    /// <param name="build">The build in which it was typed; null when there is none. A plain quantity needs none, all
    /// else does.</param>
    /// <param name="size">The size in which it was typed.</param>
    /// <param name="line">The line in which it was typed.</param>
    /// <returns>The amount, or what is wrong, under the field <c>text</c> or of the build's own.</returns>
    public static Reading<TypedAmount> Read(
        string? text,
        Ingredient ingredient,
        Measure measure,
        BarFacts bar,
        BuildDocument? build = null,
        string? size = null,
        string? line = null
    )
    {
        var said = SpokenAmountText.Read(text, measure, Dosing.MeasuresFor(ingredient, bar));
        if (!said.IsRead)
        {
            return Reading<TypedAmount>.Failed(said.Problems);
        }

        var place = Place.Find(build, bar, size, line);
        var plain = said.Value as SpokenAmount.Plain;
        var quantity = plain is null
            ? place.Resolve(said.Value, text)
            : Dosing.Convert(plain.Quantity, measure, ingredient, bar, "text");
        if (!quantity.IsRead)
        {
            return Reading<TypedAmount>.Failed(quantity.Problems);
        }

        // What is said in the line's own measure is the amount, whichever was said first.
        var stated = plain?.AlsoSaid;
        var amount = quantity.Value;
        if (plain is { AlsoSaid: { } again } && again.Measure == measure && plain.Quantity.Measure != measure)
        {
            (amount, stated) = (again, plain.Quantity);
        }

        return Reading<TypedAmount>.Of(
            new TypedAmount(
                amount,
                said.Value is SpokenAmount.FillTo to ? to.Mark.Says : null,
                stated?.ToString(),
                AmountInPlace.Objection(said.Value, ingredient, bar)
                    ?? (plain is null ? null : place.Asks(plain.Quantity))
            )
        );
    }

    // Where it was typed. It is looked up only for what needs it: most of what is typed is a number.
    private sealed class Place(BuildDocument? document, BarFacts bar, CupId size, LineId line)
    {
        private readonly Lazy<Reading<Build>?> read = new(() =>
            document is null ? null : BuildReader.Read(document, bar, nameless: true)
        );

        public static Place Find(BuildDocument? build, BarFacts bar, string? size, string? line) =>
            new(build, bar, new CupId(size ?? ""), new LineId(line ?? ""));

        public Reading<Quantity> Resolve(SpokenAmount said, string? text) =>
            read.Value switch
            {
                null => Problem.At(
                    "text",
                    text,
                    "That depends on what else is in the cup.",
                    "a quantity, or the build, size and line with it"
                ),
                { IsRead: false } bad => Reading<Quantity>.Failed([
                    .. bad.Problems.Select(problem => problem with { Field = $"build.{problem.Field}" }),
                ]),
                { } build => AmountInPlace.Resolve(said, build.Value, bar, size, line),
            };

        public string? Asks(Quantity said)
        {
            if (!Dose.IsOunce(said.Measure) || read.Value is not { IsRead: true } build)
            {
                return null;
            }

            var worked = SizeWork
                .SettleAll(build.Value, bar, build.Value.School.Scaling)
                .Find(one => one.Size.Cup.Id == size);
            return worked?.Lines.FirstOrDefault(one => one.Line.Id == line) is { } at
                ? OuncesForTablespoons.Asks(worked, at, said, bar.Pulling(at.Line.Recipe))
                : null;
        }
    }
}
