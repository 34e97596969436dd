using Krasis.Core.Judging.Mends;

namespace Krasis.Core.Changing.Editing;

/// <summary>One thing that is to be done to a build, as it comes from a sheet: exactly one of these is given.</summary>
public sealed record EditDocument
{
    /// <summary>Cells into which something was typed. What cannot be read is told for each, and the others are
    /// taken.</summary>
    public IReadOnlyList<TypedCell>? Typed { get; init; }

    /// <summary>Cells whose amount is known.</summary>
    public IReadOnlyList<CellEdit>? Cells { get; init; }

    /// <summary>A cell that is to be poured to about so much: to the nearest that the bar pours.</summary>
    public CellEdit? Near { get; init; }

    /// <summary>A cell of which so much is to be poured that the drink stands at a height, to the nearest that the bar
    /// pours.</summary>
    public SurfaceEdit? Surface { get; init; }

    /// <summary>A cell that follows the reference size again.</summary>
    public CellPlace? Unpin { get; init; }

    /// <summary>A line that is said in another measure.</summary>
    public LineTo? Measure { get; init; }

    /// <summary>A line that is of another ingredient.</summary>
    public LineTo? Ingredient { get; init; }

    /// <summary>A line that goes in before another one, or last when none is named.</summary>
    public LineTo? Before { get; init; }

    /// <summary>A line that is taken out; its id.</summary>
    public string? Remove { get; init; }

    /// <summary>A line that comes to the end: its id, and the ingredient's.</summary>
    public LineTo? Add { get; init; }

    /// <summary>The cups that it is sold in; their ids.</summary>
    public IReadOnlyList<string>? Sizes { get; init; }

    /// <summary>The size that the others follow; its id.</summary>
    public string? Reference { get; init; }

    /// <summary>A finding's mend.</summary>
    public Mend? Mend { get; init; }

    /// <summary>The same without the nulls that its lists may hold when it comes from outside, whatever their types
    /// say.</summary>
    public EditDocument WithoutNulls() =>
        this with
        {
            Typed = Kept(Typed),
            Cells = Kept(Cells),
            Sizes = Kept(Sizes),
            Mend = Mend is null
                ? null
                : Mend with
                {
                    Edits = Kept(Mend.Edits) ?? [],
                    Changes = Kept(Mend.Changes) ?? [],
                },
        };

    private static IReadOnlyList<T>? Kept<T>(IReadOnlyList<T>? list)
        where T : class => list is null ? null : [.. list.Where(entry => entry is not null)];
}
