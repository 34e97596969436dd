using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Quantities;

namespace Krasis.Core.Changing.Transforming;

/// <summary>A build in the making, with what has been changed about it.</summary>
internal sealed class Draft(BuildDocument build, BarFacts bar)
{
    private readonly List<Change> changes = [];

    /// <summary>The build as it now is.</summary>
    public BuildDocument Build { get; set; } = build;

    /// <summary>The bar that is to pour it.</summary>
    public BarFacts Bar => bar;

    /// <summary>The result, in an order that can be poured: whatever was changed, nothing goes under what is on top.
    /// </summary>
    public Transformed Finish()
    {
        var arranged = OrderLaw.Arrange(Build.Lines, line =>
            (
                Techniques.Named(line.Technique).Technique,
                IngredientOf(line) ?? throw new InvalidOperationException("It was read before.")
            )
        );
        if (!arranged.SequenceEqual(Build.Lines))
        {
            Build = Build with { Lines = arranged };
            Note(
                null,
                $"Poured in this order: {string.Join(", ", arranged.Select(line => IngredientOf(line)!.Name))}.",
                "Nothing goes under what is on top already."
            );
        }

        return new Transformed(Build, changes);
    }

    /// <summary>Notes a change.</summary>
    public void Note(string? line, string what, string why, ChangeOffer? offer = null) =>
        changes.Add(new Change(line is null ? null : new LineId(line), what, why, offer));

    /// <summary>The ingredient of a line; null where the bar has none.</summary>
    public Ingredient? IngredientOf(LineDocument line) => bar.Find(new IngredientId(line.Ingredient ?? ""));

    /// <summary>The lines whose ingredient is of a kind.</summary>
    public IReadOnlyList<LineDocument> Of(IngredientKind kind) =>
        [.. Build.Lines.Where(line => IngredientOf(line)?.Kind == kind)];

    /// <summary>Whether a line goes into the drink, and not on top or on the glass.</summary>
    public bool IsInside(LineDocument line) =>
        IngredientOf(line) is { IsTopping: false }
        && Techniques.Named(line.Technique).PourPlace == PourPlace.InTheDrink;

    /// <summary>Puts a line in another's place.</summary>
    public void Replace(LineDocument old, LineDocument line) =>
        Build = Build with { Lines = [.. Build.Lines.Select(each => each.Id == old.Id ? line : each)] };

    /// <summary>Multiplies a line's amounts, rounded to what the bar pours; nothing is rounded away.</summary>
    /// <param name="line">The line.</param>
    /// <param name="factor">How many times; positive.</param>
    /// <param name="halvesDown">Whether half a step goes down, where less is what is wanted.</param>
    public LineDocument Times(LineDocument line, double factor, bool halvesDown = false)
    {
        line = HouseStrokes.SpellOut(line, Build, bar);
        var step =
            Measure.Find(line.Measure) is { } measure && IngredientOf(line) is { } ingredient
                ? BarRounding.StepOf(measure, ingredient, bar)
                : 1;
        return line with
        {
            Amount = Scale(line.Amount),
            Stated = Scale(line.Amount) == line.Amount ? line.Stated : null,
            Pins =
            [
                .. line.Pins.Select(pin =>
                    pin with
                    {
                        Amount = Scale(pin.Amount),
                        Stated = Scale(pin.Amount) == pin.Amount ? pin.Stated : null,
                    }
                ),
            ],
            Scale = line.Scale is null
                ? null
                : line.Scale with
                {
                    Ladder = [.. line.Scale.Ladder.Select(rung => rung with { Amount = Scale(rung.Amount) })],
                },
        };

        double? Scale(double? amount) =>
            amount is not { } before ? null
            : before == 0 ? 0
            : Math.Max(
                step,
                halvesDown
                    ? BarRounding.RoundHalvesDown(before * factor, step)
                    : BarRounding.Round(before * factor, step)
            );
    }

    /// <summary>A line with every size said by hand, as a sheet has it: half of a rounded ladder is not the rounded
    /// half of it.</summary>
    /// <param name="line">The line.</param>
    /// <param name="sheet">The build as it is worked out with that line.</param>
    public LineDocument SaySizes(LineDocument line, BuildSheet sheet)
    {
        var said = HouseStrokes.SpellOut(line, Build, bar);
        return said with
        {
            Pins =
            [
                .. sheet
                    .Sizes.Where(size => size.Size.Value != Build.ReferenceSize)
                    .Select(size => new PinDocument
                    {
                        Size = size.Size.Value,
                        Amount = size.Lines.First(cell => cell.Line.Value == line.Id).Amount,
                    }),
            ],
        };
    }

    /// <summary>A line's amount in words, such as 3 strokes.</summary>
    public static string Say(LineDocument line) =>
        Measure.Find(line.Measure) is { } measure
            ? new Quantity(line.Amount ?? 0, measure).ToString()
            : $"{line.Amount}";

    /// <summary>An id that no line has.</summary>
    public string NewId(string wanted)
    {
        var id = wanted;
        for (var i = 2; Build.Lines.Any(line => line.Id == id); i++)
        {
            id = $"{wanted}-{i}";
        }

        return id;
    }

    /// <summary>Sells it in other cups: the one in the middle of the order keeps the reference's place, and amounts are
    /// carried over in proportion to the working volume. Pins, ladders and prices belong to cups that are
    /// gone.</summary>
    /// <param name="sizes">Cups that the bar has; one at the least.</param>
    public void PutSizes(IReadOnlyList<CupId> sizes)
    {
        var was = bar.Find(new CupId(Build.ReferenceSize!))!;
        var known = sizes.Select(size => bar.Find(size)!).ToList();
        var reserve = Millimetres.From(Math.Min(Build.ReserveMm ?? 0, known.Min(cup => cup.Shape.Height.Value) / 2));
        var reference = known[known.Count * Build.Sizes.ToList().IndexOf(Build.ReferenceSize!) / Build.Sizes.Count];
        var growth = reference.WorkingVolume(reserve) / was.WorkingVolume(Millimetres.From(Build.ReserveMm ?? 0));
        Build = Build with
        {
            Sizes = [.. known.Select(cup => cup.Id.Value)],
            ReferenceSize = reference.Id.Value,
            ReserveMm = reserve.Value,
            Prices = [],
            Lines =
            [
                .. Build.Lines.Select(line =>
                    HouseStrokes.Follows(line)
                        ? HouseStrokes.Follow(line)
                        : Times(line, growth) with
                        {
                            Pins = [],
                            Scale = line.Scale is null ? null : line.Scale with { Ladder = [] },
                        }
                ),
            ],
        };
        Note(
            null,
            $"Sold in {string.Join(", ", known.Select(cup => cup.Name))}, set in {reference.Name}.",
            "Amounts are carried over in proportion to the cup."
        );
    }
}
