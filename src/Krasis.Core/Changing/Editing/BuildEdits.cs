using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Builds;
using Krasis.Core.Judging.Mends;

namespace Krasis.Core.Changing.Editing;

/// <summary>Applies the changes of which mends are made to build documents.</summary>
public static class BuildEdits
{
    /// <summary>The build with a mend applied. What names a line that is not there is left out.</summary>
    public static BuildDocument Apply(BuildDocument build, Mend mend, BarFacts bar)
    {
        var cells = mend.Edits.Aggregate(build, Apply);
        return mend.Changes.Aggregate(cells, (changed, change) => Apply(changed, change, bar));
    }

    /// <summary>The build with one cell changed: the reference size's own amount or mark, or a pin.</summary>
    public static BuildDocument Apply(BuildDocument build, CellEdit edit) => Change(build, edit.Line.Value, line =>
        {
            if (edit.Size.Value == build.ReferenceSize)
            {
                // What goes by the house in every other size is said by hand in this one.
                return line with
                {
                    Amount = edit.Amount,
                    To = edit.To,
                    Stated = Stated(line.Stated),
                    Scale = HouseStrokes.Follows(line) ? line.Scale! with { Own = true } : line.Scale,
                };
            }

            var pinned = line.Pins.FirstOrDefault(pin => pin.Size == edit.Size.Value);
            var pin = new PinDocument
            {
                Size = edit.Size.Value,
                Amount = edit.Amount,
                To = edit.To,
                Stated = Stated(pinned?.Stated),
            };
            return line with { Pins = [.. line.Pins.Where(known => known != pinned), pin] };

            string? Stated(string? before) => edit.Stated is { } again ? (again.Length == 0 ? null : again) : before;
        });

    /// <summary>The build with one thing about a line changed.</summary>
    public static BuildDocument Apply(BuildDocument build, LineChange change, BarFacts bar) =>
        change.Field switch
        {
            LineField.Technique => Change(build, change.Line.Value, line => line with { Technique = change.Value }),
            LineField.Cooling => Change(build, change.Line.Value, line => line with { Cooling = change.Value }),
            LineField.Foam => Change(build, change.Line.Value, line => line with { Foam = change.Value }),
            LineField.Stated => Change(build, change.Line.Value, line => line with { Stated = change.Value }),
            LineField.Ingredient => bar.Find(new IngredientId(change.Value ?? "")) is { } ingredient
            && build.Lines.FirstOrDefault(line => line.Id == change.Line.Value) is { } line
            && LineEdits.Ingredient(build, line, bar.Find(new IngredientId(line.Ingredient ?? "")), ingredient, bar)
                is { IsRead: true } put
                ? put.Value.Build
                : build,
            LineField.House => Change(build, change.Line.Value, HouseStrokes.Follow),
            LineField.Unit => Change(build, change.Line.Value, line => line with { Measure = change.Value }),
            LineField.Remove => build.Lines.FirstOrDefault(line => line.Id == change.Line.Value) is { } gone
                ? LineEdits.Remove(build, gone, bar).Build
                : build,
            _ => Move(build, change.Line.Value, change.Value),
        };

    /// <summary>The build with a line put in another's place.</summary>
    internal static BuildDocument Replace(BuildDocument build, LineDocument line) => Change(build, line.Id!, _ => line);

    /// <summary>The build with a line before another one, or last.</summary>
    internal static BuildDocument Move(BuildDocument build, string id, string? before)
    {
        var moved = build.Lines.Where(line => line.Id == id).ToList();
        var rest = build.Lines.Where(line => line.Id != id).ToList();
        var at = rest.FindIndex(line => line.Id == before);
        rest.InsertRange(at < 0 ? rest.Count : at, moved);
        return build with { Lines = rest };
    }

    private static BuildDocument Change(BuildDocument build, string id, Func<LineDocument, LineDocument> make) =>
        build with
        {
            Lines = [.. build.Lines.Select(line => line.Id == id ? make(line) : line)],
        };
}
