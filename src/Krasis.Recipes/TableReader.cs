using System.Text.RegularExpressions;
using Krasis.Core.Quantities;
using Krasis.Recipes.Drafting;
using Krasis.Recipes.Finding;
using Krasis.Recipes.Grammar;
using Krasis.Recipes.Pieces;

namespace Krasis.Recipes;

/// <summary>Reads tables: a row for what goes in and a column for each size, or the other way round, or amounts and
/// measures beside the names.</summary>
/// <param name="draft">The build so far.</param>
/// <param name="marking">The marks.</param>
internal sealed partial class TableReader(Drafted draft, Marking marking)
{
    private enum Column
    {
        Name,
        Size,
        NoSize,
        Amount,
        Measure,
        Note,
        Ingredient,
        Other,
    }

    /// <summary>Reads a table.</summary>
    /// <param name="table">The table.</param>
    /// <param name="interpreter">Reads the rows of one that has no heads.</param>
    public void Read(Table table, LineInterpreter interpreter)
    {
        var heads = table.Rows[0].Select((cell, i) => Head(cell, i)).ToList();
        if (
            !heads.Exists(head => head.Column is Column.Size or Column.Amount or Column.NoSize)
            && heads.Count(head => head.Column == Column.Ingredient) < 2
        )
        {
            foreach (var row in table.Rows)
            {
                foreach (var cell in row)
                {
                    marking.Mark(cell.Before, cell.Start, PieceKind.Between, null);
                }

                interpreter.Read(
                    string.Join(" | ", row.Select(cell => cell.Text)) is var text
                    && row[^1].End - row[0].Start is var length
                    && length <= 600
                    && length > 0
                        ? Raw(row, text)
                        : text,
                    row[0].Start,
                    isAgain: false
                );
            }

            return;
        }

        Gaps(table.Rows[0]);
        foreach (var (cell, head) in table.Rows[0].Zip(heads))
        {
            marking.Mark(cell.Start, cell.End, head.Kind, head.Says);
        }

        foreach (var row in table.Rows.Skip(1))
        {
            Gaps(row);
            if (
                heads.Exists(head => head.Column is Column.Ingredient)
                && !heads.Exists(head => head.Column == Column.Size)
            )
            {
                Turned(row, heads);
            }
            else
            {
                Row(row, heads);
            }
        }

        draft.Size = DraftedLine.AnySize;
        draft.IsSizeUnknown = false;
    }

    /// <summary>Whether words head a column.</summary>
    public bool IsHead(string text) =>
        draft.Sizes.IsSize(text)
        || AmountHead().IsMatch(text)
        || MeasureHead().IsMatch(text)
        || NameHead().IsMatch(text);

    // As far as the cells stand apart by one sign it is the text itself.
    private static string Raw(IReadOnlyList<TableCell> row, string joined)
    {
        var text = new char[row[^1].End - row[0].Start];
        Array.Fill(text, ' ');
        foreach (var cell in row)
        {
            cell.Text.CopyTo(0, text, cell.Start - row[0].Start, cell.Text.Length);
            if (cell != row[0] && cell.Before - 1 - row[0].Start is >= 0 and var at && at < text.Length)
            {
                text[at] = '|';
            }
        }

        return joined.Length == 0 ? joined : new string(text);
    }

    private void Gaps(IReadOnlyList<TableCell> row)
    {
        foreach (var cell in row)
        {
            marking.Mark(Math.Max(0, cell.Before - 1), cell.Start, PieceKind.Between, null);
        }
    }

    private (Column Column, string? Size, FoundName? Named, PieceKind Kind, string? Says) Head(TableCell cell, int i)
    {
        if (cell.Text.Length == 0 || (i == 0 && NameHead().IsMatch(cell.Text)))
        {
            return (i == 0 ? Column.Name : Column.Other, null, null, PieceKind.Between, null);
        }

        if (draft.Sizes.Find(cell.Text) is { } size)
        {
            if (!draft.SizesSaid.Contains(size.Cup.Id.Value))
            {
                draft.SizesSaid.Add(size.Cup.Id.Value);
            }

            return (
                Column.Size,
                size.Cup.Id.Value,
                null,
                size.Doubt is null ? PieceKind.Read : PieceKind.Guessed,
                size.Doubt ?? size.Cup.Name
            );
        }

        if (draft.Sizes.IsSize(cell.Text))
        {
            return (Column.NoSize, null, null, PieceKind.NotUnderstood, "No cup of the bar is sold as that.");
        }

        if (AmountHead().IsMatch(cell.Text))
        {
            return (Column.Amount, null, null, PieceKind.Between, null);
        }

        if (MeasureHead().IsMatch(cell.Text))
        {
            return (Column.Measure, null, null, PieceKind.Between, null);
        }

        if (NoteHead().IsMatch(cell.Text))
        {
            return (Column.Note, null, null, PieceKind.Between, null);
        }

        if (i > 0 && Names(BitGrammar.Read(Short(cell.Text))) is [{ } named])
        {
            return (
                Column.Ingredient,
                null,
                named.Found,
                named.Found.Doubt is null ? PieceKind.Read : PieceKind.Guessed,
                named.Found.Doubt ?? named.Found.Ingredient.Name
            );
        }

        return (
            i == 0 ? Column.Name : Column.Other,
            null,
            null,
            i == 0 ? PieceKind.Aside : PieceKind.NotUnderstood,
            i == 0 ? null : "It is not known what this column is."
        );
    }

    private void Row(
        IReadOnlyList<TableCell> row,
        List<(Column Column, string? Size, FoundName? Named, PieceKind Kind, string? Says)> heads
    )
    {
        var label = row[0];
        var bits = BitGrammar.Read(Short(label.Text));
        var names = Names(bits);
        if (names is not [{ } name])
        {
            RowOfNothing(row, bits, names.Count);
            return;
        }

        var line = new DraftedLine(name.Found.Ingredient);
        draft.Lines.Add(line);
        draft.Current = line;
        Surfaces.Apply(
            draft,
            line,
            [.. bits.OfType<Bit.Deed>().Where(deed => !name.Bits.Contains(deed)).Select(deed => deed.Does)]
        );
        if (name.Found.Doubt is not null)
        {
            draft.Ask(name.Said, name.Found.Ingredient.Id.Value);
        }

        var unit = UnitOf(row, heads, bits);

        var more = bits.Any(bit => bit is Bit.Word && !name.Bits.Contains(bit));
        marking.Mark(
            label.Start,
            label.End,
            name.Found.Doubt is null && !more ? PieceKind.Read : PieceKind.Guessed,
            name.Found.Doubt ?? (more ? $"taken for {name.Found.Ingredient.Name}" : name.Found.Ingredient.Name)
        );
        var nothing = new List<(TableCell Cell, string? Size)>();
        for (var i = 1; i < Math.Min(row.Count, heads.Count); i++)
        {
            var (cell, head) = (row[i], heads[i]);
            if (cell.Text.Length == 0 || head.Column == Column.Measure)
            {
                continue;
            }

            switch (head.Column)
            {
                case Column.Size or Column.Amount when Nothing().IsMatch(cell.Text):
                    nothing.Add((cell, head.Size));
                    break;
                case Column.Size or Column.Amount:
                    Take(line, cell, head.Size ?? draft.Size, unit);
                    break;
                case Column.Note:
                    line.Notes.Add(cell.Text);
                    marking.Mark(cell.Start, cell.End, PieceKind.Aside, $"kept as a note on {line.Ingredient.Name}");
                    break;
                default:
                    marking.Mark(cell.Start, cell.End, PieceKind.NotUnderstood, head.Says);
                    break;
            }
        }

        Nothing(line, nothing);
    }

    private void RowOfNothing(IReadOnlyList<TableCell> row, IReadOnlyList<Bit> bits, int named)
    {
        draft.Ask(string.Join(' ', bits.Where(bit => bit is Bit.Word).Select(bit => bit.Said)), null);
        foreach (var cell in row.Where(cell => cell.Text.Length > 0))
        {
            marking.Mark(
                cell.Start,
                cell.End,
                PieceKind.NotUnderstood,
                named == 0 ? $"The bar has nothing like '{row[0].Text}'." : "Several things are named."
            );
        }
    }

    // "Hazelnut (pumps)", or a column that says the measure.
    private (Measure Measure, double Times)? UnitOf(
        IReadOnlyList<TableCell> row,
        List<(Column Column, string? Size, FoundName? Named, PieceKind Kind, string? Says)> heads,
        IReadOnlyList<Bit> bits
    )
    {
        var unit = bits.OfType<Bit.Group>()
            .Select(group => MeasureWords.Find(string.Join(' ', group.Inside.Select(bit => bit.Said))))
            .FirstOrDefault(one => one is not null);
        var measures = heads.FindIndex(head => head.Column == Column.Measure);
        if (measures >= 0 && row.ElementAtOrDefault(measures) is { Text.Length: > 0 } measured)
        {
            unit = MeasureWords.Find(measured.Text.Trim('.')) ?? unit;
            marking.Mark(
                measured.Start,
                measured.End,
                MeasureWords.Find(measured.Text.Trim('.')) is null ? PieceKind.NotUnderstood : PieceKind.Read,
                null
            );
        }

        return unit;
    }

    private void Nothing(DraftedLine line, List<(TableCell Cell, string? Size)> nothing)
    {
        foreach (var (cell, size) in nothing)
        {
            var none = line.Take(
                size ?? draft.Size,
                new Quantity(0, line.Measure ?? Core.Bar.Dosing.MeasuresFor(line.Ingredient, draft.Bar)[0]),
                null,
                draft.Bar
            );
            marking.Mark(
                cell.Start,
                cell.End,
                none is null ? PieceKind.Read : PieceKind.NotUnderstood,
                none ?? "none in this size"
            );
        }
    }

    private void Turned(
        IReadOnlyList<TableCell> row,
        List<(Column Column, string? Size, FoundName? Named, PieceKind Kind, string? Says)> heads
    )
    {
        if (draft.Sizes.Find(row[0].Text) is not { } size)
        {
            foreach (var cell in row.Where(cell => cell.Text.Length > 0))
            {
                marking.Mark(
                    cell.Start,
                    cell.End,
                    PieceKind.NotUnderstood,
                    $"No cup of the bar is called or sold as '{row[0].Text}'."
                );
            }

            return;
        }

        draft.Speak(size.Cup.Id.Value);
        marking.Mark(
            row[0].Start,
            row[0].End,
            size.Doubt is null ? PieceKind.Read : PieceKind.Guessed,
            size.Doubt ?? size.Cup.Name
        );
        for (var i = 1; i < Math.Min(row.Count, heads.Count); i++)
        {
            if (row[i].Text.Length == 0)
            {
                continue;
            }

            if (heads[i].Named is not { } named)
            {
                marking.Mark(row[i].Start, row[i].End, PieceKind.NotUnderstood, heads[i].Says);
                continue;
            }

            var line = draft.Lines.Find(one => one.Ingredient.Id == named.Ingredient.Id);
            if (line is null)
            {
                draft.Lines.Add(line = new DraftedLine(named.Ingredient));
            }

            Take(line, row[i], size.Cup.Id.Value, null);
        }
    }

    private void Take(DraftedLine line, TableCell cell, string size, (Measure Measure, double Times)? unit)
    {
        var bits = BitGrammar.Read(Short(cell.Text));
        var amounts = bits.Where(bit => bit.IsAmount).ToList();
        if (amounts is not [{ } amount] || bits.Any(bit => bit is Bit.Word or Bit.Doubt or Bit.Or or Bit.Group))
        {
            marking.Mark(cell.Start, cell.End, PieceKind.NotUnderstood, "It is not one amount.");
            return;
        }

        if (amount is Bit.Bare bare && unit is { } known && bare.Value * known.Times <= known.Measure.Most)
        {
            amount = new Bit.Amount(new Quantity(bare.Value * known.Times, known.Measure), Upper: bare.Upper);
        }

        var before = draft.Size;
        draft.Size = size;
        var (what, doubt, problem) = new Amounts(draft).Take(line, amount, isAgain: false);
        draft.Size = before;
        marking.Mark(
            cell.Start,
            cell.End,
            problem is not null ? PieceKind.NotUnderstood
                : doubt is null ? PieceKind.Read
                : PieceKind.Guessed,
            problem ?? doubt ?? $"{line.Ingredient.Name} · {what}"
        );
    }

    private List<(FoundName Found, IReadOnlyList<Bit> Bits, string Said)> Names(IReadOnlyList<Bit> bits)
    {
        var run = bits.Where(bit => bit.IsOfWords || bit is Bit.Amount { Quantity.Measure.Kind: MeasureKind.Shot })
            .ToList();
        return
        [
            .. draft
                .Names.Find([.. run.Select(bit => bit.Said)], at => run[at] is Bit.Word)
                .Select(found =>
                    (
                        found,
                        (IReadOnlyList<Bit>)[.. run.Skip(found.From).Take(found.Count)],
                        string.Join(' ', run.Skip(found.From).Take(found.Count).Select(bit => bit.Said))
                    )
                ),
        ];
    }

    private static string Short(string text) => text.Length > 200 ? text[..200] : text;

    [GeneratedRegex(
        @"^(?:ingredients?|items?|what|line|component|name|size|cup)$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex NameHead();

    [GeneratedRegex(
        @"^(?:amounts?|qty|quantity|how\s+much|dose)$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex AmountHead();

    [GeneratedRegex(@"^(?:units?|measures?|uom)$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex MeasureHead();

    [GeneratedRegex(
        @"^(?:notes?|comments?|why|remarks?|how|technique)$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant
    )]
    private static partial Regex NoteHead();

    [GeneratedRegex(@"^(?:[-–—]+|none|n/?a|0)$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Nothing();
}
