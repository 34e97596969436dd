using System.Globalization;
using PdfSharp;
using PdfSharp.Drawing;
using PdfSharp.Pdf;

namespace Krasis.Exchange.Books;

/// <summary>Pages that are written from the top to the bottom: text that breaks, tables, and where each chapter
/// begins.</summary>
internal sealed class BookPages
{
    private const double Margin = 48,
        Foot = 36;

    private readonly BookCover cover;
    private XGraphics? drawing;
    private PdfPage? page;
    private double y;

    public BookPages(BookCover cover)
    {
        BookFonts.Use();
        this.cover = cover;

        // What the library packs lacks its last bytes, which other programs find fault with.
        Document.Options.CompressContentStreams = false;
        Document.Info.Title = cover.Title;
        Document.Info.Creator = "Krasis";
        Document.Info.CreationDate = cover.WrittenAt.UtcDateTime;
        Document.Language = "en";
        Document.ViewerPreferences.DisplayDocTitle = true;
    }

    /// <summary>The document.</summary>
    public PdfDocument Document { get; } = new();

    /// <summary>The chapters, each with the number of its first page.</summary>
    public List<(string Title, int Page)> Chapters { get; } = [];

    /// <summary>How wide a line is, pt.</summary>
    public double Width => page!.Width.Point - (2 * Margin);

    /// <summary>A font of the book.</summary>
    public static XFont Font(double size, bool isBold = false) =>
        new(BookFonts.Family, size, isBold ? XFontStyleEx.Bold : XFontStyleEx.Regular);

    /// <summary>Begins a page.</summary>
    public void Turn()
    {
        drawing?.Dispose();
        page = Document.AddPage();
        page.Size = cover.IsLetter ? PageSize.Letter : PageSize.A4;
        drawing = XGraphics.FromPdfPage(page);
        y = Margin;
        if (Document.PageCount > 1)
        {
            drawing.DrawString(
                Document.PageCount.ToString(CultureInfo.InvariantCulture),
                Font(9),
                XBrushes.DimGray,
                new XRect(Margin, page.Height.Point - Foot, Width, 12),
                XStringFormats.TopRight
            );
            drawing.DrawString(
                cover.Title,
                Font(9),
                XBrushes.DimGray,
                new XRect(Margin, page.Height.Point - Foot, Width, 12),
                XStringFormats.TopLeft
            );
        }
    }

    /// <summary>Begins a chapter on a page of its own, with an entry in the outline.</summary>
    /// <param name="title">What it is called.</param>
    public void Chapter(string title)
    {
        Turn();
        Chapters.Add((title, Document.PageCount));
        Document.Outlines.Add(title, page!, true);
    }

    /// <summary>Leaves room.</summary>
    public void Space(double points) => y += points;

    /// <summary>Writes a paragraph.</summary>
    public void Text(string text, double size = 10.5, bool isBold = false, double indent = 0, XBrush? brush = null)
    {
        var font = Font(size, isBold);
        foreach (var line in Lines(text, font, Width - indent))
        {
            Need(size * 1.4);
            drawing!.DrawString(line, font, brush ?? XBrushes.Black, new XPoint(Margin + indent, y + size));
            y += size * 1.35;
        }
    }

    /// <summary>Writes a line whose end stands at the right, with dots between: an entry of the contents.</summary>
    public void Entry(string text, string end, double size = 11)
    {
        var font = Font(size);
        Need(size * 1.6);
        var (left, right) = (drawing!.MeasureString(text, font).Width, drawing.MeasureString(end, font).Width);
        drawing.DrawString(text, font, XBrushes.Black, new XPoint(Margin, y + size));
        drawing.DrawString(end, font, XBrushes.Black, new XPoint(Margin + Width - right, y + size));
        drawing.DrawLine(
            new XPen(XColors.LightGray, 0.7) { DashStyle = XDashStyle.Dot },
            Margin + left + 6,
            y + size,
            Margin + Width - right - 6,
            y + size
        );
        y += size * 1.6;
    }

    /// <summary>Writes a table; its head again on every page that it goes on to.</summary>
    /// <param name="head">Its head.</param>
    /// <param name="rows">Its rows.</param>
    /// <param name="shares">How wide its columns are, as shares of the line.</param>
    /// <param name="size">How large its letters are, pt.</param>
    public void Table(
        IReadOnlyList<string> head,
        IReadOnlyList<IReadOnlyList<string>> rows,
        IReadOnlyList<double> shares,
        double size = 10
    )
    {
        const double Pad = 3;
        var widths = shares.Select(share => share / shares.Sum() * Width).ToList();
        Row(head, isHead: true);
        foreach (var row in rows)
        {
            Row(row, isHead: false);
        }

        void Row(IReadOnlyList<string> cells, bool isHead)
        {
            var font = Font(size, isHead);
            var lines = cells
                .Select((cell, i) => Lines(cell, i == 0 && !isHead ? Font(size, true) : font, widths[i] - (2 * Pad)))
                .ToList();
            var height = (lines.Max(cell => cell.Count) * size * 1.25) + (2 * Pad);
            if (Need(height) && !isHead)
            {
                Row(head, isHead: true);
            }

            var x = Margin;
            for (var i = 0; i < lines.Count; i++)
            {
                for (var j = 0; j < lines[i].Count; j++)
                {
                    drawing!.DrawString(
                        lines[i][j],
                        i == 0 && !isHead ? Font(size, true) : font,
                        XBrushes.Black,
                        new XPoint(x + Pad, y + Pad + (size * (1 + (j * 1.25))))
                    );
                }

                x += widths[i];
            }

            y += height;
            drawing!.DrawLine(new XPen(isHead ? XColors.Black : XColors.LightGray, 0.6), Margin, y, Margin + Width, y);
        }
    }

    /// <summary>The document as a file.</summary>
    public byte[] Save()
    {
        drawing?.Dispose();
        using var file = new MemoryStream();
        Document.Save(file);
        return file.ToArray();
    }

    // Whether a page had to be turned for it.
    private bool Need(double height)
    {
        if (y + height <= page!.Height.Point - Margin - Foot)
        {
            return false;
        }

        Turn();
        return true;
    }

    private List<string> Lines(string text, XFont font, double width)
    {
        if (text.Contains('\n', StringComparison.Ordinal))
        {
            return [.. text.Split('\n').SelectMany(part => Lines(part, font, width))];
        }

        var lines = new List<string>();
        var line = "";
        foreach (var word in text.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            var rest = word;
            if (line.Length > 0 && drawing!.MeasureString($"{line} {rest}", font).Width > width)
            {
                lines.Add(line);
                line = "";
            }

            // A word that is wider than the line breaks where it must.
            while (line.Length == 0 && rest.Length > 1 && drawing!.MeasureString(rest, font).Width > width)
            {
                var fits = Enumerable
                    .Range(1, rest.Length - 1)
                    .TakeWhile(count => drawing.MeasureString(rest[..count], font).Width <= width)
                    .LastOrDefault(1);
                lines.Add(rest[..fits]);
                rest = rest[fits..];
            }

            line = line.Length == 0 ? rest : $"{line} {rest}";
        }

        if (line.Length > 0 || lines.Count == 0)
        {
            lines.Add(line);
        }

        return lines;
    }
}
