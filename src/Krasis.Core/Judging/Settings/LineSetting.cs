using Krasis.Core.Bar;
using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Judging.Mends;
using Krasis.Core.Quantities;
using Krasis.Core.Working.Lines;
using Krasis.Core.Working.Mixing;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Core.Judging.Settings;

/// <summary>All that a check of lines may look at.</summary>
/// <param name="Whole">The build, the bar and the day.</param>
/// <param name="Size">The size, worked out.</param>
/// <param name="Worked">The same, before it was made into a sheet.</param>
/// <param name="Line">The line.</param>
internal sealed record LineSetting(Setting Whole, SizeSheet Size, WorkedSize Worked, WorkedLine Line)
{
    private BarFacts? bar;

    /// <summary>The bar as the line sees it: with its espresso recipe as the one that is meant.</summary>
    public BarFacts Bar => bar ??= Whole.Bar.Pulling(Line.Line.Recipe);

    /// <summary>What goes in.</summary>
    public Ingredient Ingredient => Line.Ingredient;

    /// <summary>How much of it, in the line's measure.</summary>
    public Quantity Amount => Line.Line.Set.With(Line.Amount);

    /// <summary>A mend of the line's amount in this size.</summary>
    /// <param name="amount">The new amount.</param>
    /// <param name="label">What it does; "Make it …" when it is left out.</param>
    public Mend Make(double amount, string? label = null) =>
        Mend.Cells(label ?? $"Make it {Amount.With(amount)}", new CellEdit(Line.Line.Id, Size.Size, amount));

    /// <summary>A mend of something else about the line.</summary>
    public Mend Change(string label, LineField field, string? value) =>
        Mend.Lines(label, new LineChange(Line.Line.Id, field, value));
}
