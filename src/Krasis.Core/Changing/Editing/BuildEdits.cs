using Krasis.Core.Builds;
using Krasis.Core.Judging.Mends;

namespace Krasis.Core.Changing.Editing;

/// <summary>Applies edits to build documents.</summary>
public static class BuildEdits
{
    /// <summary>The build with a mend applied. What names a line that is not there is left out.</summary>
    public static BuildDocument Apply(BuildDocument build, Mend mend)
    {
        var cells = mend.Edits.Aggregate(build, Apply);
        return mend.Changes.Aggregate(cells, Apply);
    }

    /// <summary>The build with one cell changed: the reference size's own amount or mark, or a pin.</summary>
    public static BuildDocument Apply(BuildDocument build, CellEdit edit) => Change(build, edit.Line, line => edit.Size.Value == build.ReferenceSize
        ? line with { Amount = edit.Amount, To = edit.To }
        : line with { Pins = [.. line.Pins.Where(pin => pin.Size != edit.Size.Value), new PinDocument { Size = edit.Size.Value, Amount = edit.Amount, To = edit.To }] });

    /// <summary>The build with one thing about a line changed.</summary>
    public static BuildDocument Apply(BuildDocument build, LineChange change) => change.Field switch
    {
        LineField.Technique => Change(build, change.Line, line => line with { Technique = change.Value }),
        LineField.Cooling => Change(build, change.Line, line => line with { Cooling = change.Value }),
        LineField.Foam => Change(build, change.Line, line => line with { Foam = change.Value }),
        LineField.Stated => Change(build, change.Line, line => line with { Stated = change.Value }),
        LineField.Ingredient => Change(build, change.Line, line => line with { Ingredient = change.Value }),
        LineField.Remove => build with { Lines = [.. build.Lines.Where(line => line.Id != change.Line.Value)] },
        _ => Move(build, change.Line.Value, change.Value),
    };

    private static BuildDocument Change(BuildDocument build, LineId id, Func<LineDocument, LineDocument> make) =>
        build with { Lines = [.. build.Lines.Select(line => line.Id == id.Value ? make(line) : line)] };

    private static BuildDocument Move(BuildDocument build, string id, string? before)
    {
        var moved = build.Lines.Where(line => line.Id == id).ToList();
        var rest = build.Lines.Where(line => line.Id != id).ToList();
        var at = rest.FindIndex(line => line.Id == before);
        rest.InsertRange(at < 0 ? rest.Count : at, moved);
        return build with { Lines = rest };
    }
}
