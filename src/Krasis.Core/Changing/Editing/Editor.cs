using Krasis.Core.Bar;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Builds.Lines;
using Krasis.Core.Input;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Speaking;

namespace Krasis.Core.Changing.Editing;

/// <summary>Does what is asked for on a sheet.</summary>
public static class Editor
{
    /// <summary>The build with an edit applied.</summary>
    /// <param name="build">The build as it stands on the sheet; it need not be complete.</param>
    /// <param name="edit">The edit.</param>
    /// <param name="bar">The bar that is to pour it.</param>
    /// <returns>The build and what is to be told of it; or a problem, and nothing is done.</returns>
    public static Reading<Edited> Apply(BuildDocument build, EditDocument edit, BarFacts bar) =>
        edit switch
        {
            { Typed: { } cells } => Typed(build, cells, bar),
            { Cells: { } cells } => Quietly(cells.Aggregate(build, BuildEdits.Apply)),
            { Near: { } cell } => Near(build, cell, bar),
            { Surface: { } surface } => Surface(build, surface, bar),
            { Unpin: { } cell } => OfLine(build, cell.Line, line =>
                Quietly(
                    BuildEdits.Replace(build, line with { Pins = [.. line.Pins.Where(pin => pin.Size != cell.Size)] })
                )
            ),
            { Measure: { } measure } => OfLine(build, measure.Line, line => Measured(build, line, measure.To, bar)),
            { Ingredient: { } ingredient } => OfLine(build, ingredient.Line, line =>
                Of(ingredient.To, bar, to => LineEdits.Ingredient(build, line, Find(line.Ingredient, bar), to, bar))
            ),
            { Before: { } before } => OfLine(build, before.Line, line =>
                Quietly(BuildEdits.Move(build, before.Line, before.To))
            ),
            { Remove: { } gone } => OfLine(build, gone, line => Reading<Edited>.Of(LineEdits.Remove(build, line, bar))),
            { Add: { } added } => Of(added.To, bar, ingredient =>
                Quietly(build with { Lines = [.. build.Lines, NewLine(added.Line, ingredient, bar)] })
            ),
            { Sizes: { } sizes } => Reading<Edited>.Of(SizeEdits.Sizes(build, sizes, bar)),
            { Reference: { } size } => bar.Find(new CupId(size)) is null
                ? Problem.At("reference", size, "The bar has no such cup.", "a cup of the bar")
                : Reading<Edited>.Of(SizeEdits.Reference(build, size, bar)),
            { Mend: { } mend } => Quietly(BuildEdits.Apply(build, mend, bar)),
            _ => Problem.At("edit", null, "Nothing is to be done.", "one edit"),
        };

    /// <summary>A line that has just been added, in the measure that is most natural for it at this bar.</summary>
    private static LineDocument NewLine(string id, Ingredient ingredient, BarFacts bar) =>
        new()
        {
            Id = id,
            Ingredient = ingredient.Id.Value,
            Measure = Dosing.MeasuresFor(ingredient, bar)[0].Code,
            Amount = 0,
        };

    // One after another: what is said of a cell may depend on the cells before it.
    private static Reading<Edited> Typed(BuildDocument build, IReadOnlyList<TypedCell> cells, BarFacts bar)
    {
        List<string> said = [];
        List<CellTrouble> troubles = [];
        foreach (var cell in cells)
        {
            var read = OfCell(build, cell.Line, bar, (line, ingredient, measure) =>
                TypedAmount.Read(cell.Text, ingredient, measure, bar.Pulling(line.Recipe), build, cell.Size, cell.Line)
            );
            if (!read.IsRead)
            {
                troubles.Add(
                    new CellTrouble(
                        cell.Line,
                        cell.Size,
                        cell.Text,
                        $"{read.Problems[0].Message} Accepted: {read.Problems[0].Accepted}."
                    )
                );
                continue;
            }

            var typed = read.Value;
            build = BuildEdits.Apply(
                build,
                new CellEdit(new LineId(cell.Line), new CupId(cell.Size), typed.Quantity.Amount)
                {
                    To = typed.To,
                    Stated = typed.Stated,
                }
            );
            if (typed.Objection is { } objection)
            {
                said.Add(objection);
            }
        }

        return Reading<Edited>.Of(new Edited(build, said, troubles));
    }

    private static Reading<Edited> Near(BuildDocument build, CellEdit cell, BarFacts bar) =>
        Poured(build, cell.Line.Value, cell.Size.Value, bar, (_, _, measure) =>
            Reading<Quantity>.Of(new Quantity(Math.Clamp(cell.Amount, 0, measure.Most), measure))
        );

    private static Reading<Edited> Surface(BuildDocument build, SurfaceEdit surface, BarFacts bar)
    {
        var read = BuildReader.Read(build, bar, nameless: true);
        return !read.IsRead
            ? Reading<Edited>.Failed(read.Problems)
            : Poured(build, surface.Line, surface.Size, bar, (_, _, _) =>
                AmountInPlace.ForSurface(
                    read.Value,
                    bar,
                    new CupId(surface.Size),
                    new LineId(surface.Line),
                    Millimetres.From(surface.Mm)
                )
            );
    }

    private static Reading<Edited> Poured(
        BuildDocument build,
        string line,
        string size,
        BarFacts bar,
        Func<LineDocument, Ingredient, Measure, Reading<Quantity>> of
    )
    {
        var poured = OfCell(build, line, bar, (at, ingredient, measure) =>
        {
            var wanted = of(at, ingredient, measure);
            return wanted.IsRead
                ? Reading<Quantity>.Of(
                    BarRounding.Round(wanted.Value, BarRounding.StepOf(measure, ingredient, bar.Pulling(at.Recipe)))
                )
                : wanted;
        });
        return poured.IsRead
            ? Quietly(BuildEdits.Apply(build, new CellEdit(new LineId(line), new CupId(size), poured.Value.Amount)))
            : Reading<Edited>.Failed(poured.Problems);
    }

    private static Reading<Edited> Measured(BuildDocument build, LineDocument line, string? to, BarFacts bar) =>
        Measure.Find(to) is not { } measure
            ? Problem.At(
                "measure",
                to,
                "That is not a measure.",
                string.Join(", ", Measure.All.Select(known => known.Symbol))
            )
            : Of(line.Ingredient, bar, ingredient => LineEdits.Measure(build, line, ingredient, measure, bar));

    private static Reading<T> OfCell<T>(
        BuildDocument build,
        string id,
        BarFacts bar,
        Func<LineDocument, Ingredient, Measure, Reading<T>> make
    ) =>
        OfLine(build, id, line =>
            Of(line.Ingredient, bar, ingredient =>
                Measure.Find(line.Measure) is { } measure
                    ? make(line, ingredient, measure)
                    : Problem.At("measure", line.Measure, "The line's measure is not known.", "a line that can be read")
            )
        );

    private static Reading<T> OfLine<T>(BuildDocument build, string id, Func<LineDocument, Reading<T>> make) =>
        build.Lines.FirstOrDefault(line => line.Id == id) is { } line
            ? make(line)
            : Problem.At("line", id, "The build has no such line.", "one of the build's own");

    private static Reading<T> Of<T>(string? id, BarFacts bar, Func<Ingredient, Reading<T>> make) =>
        Find(id, bar) is { } ingredient
            ? make(ingredient)
            : Problem.At("ingredient", id, "The bar has no such ingredient.", "an ingredient of the bar");

    private static Ingredient? Find(string? id, BarFacts bar) => bar.Find(new IngredientId(id ?? ""));

    private static Reading<Edited> Quietly(BuildDocument build) => Reading<Edited>.Of(Edited.Quietly(build));
}
