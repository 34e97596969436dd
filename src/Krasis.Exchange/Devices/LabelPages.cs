using Krasis.Exchange.Books;
using PdfSharp.Drawing;
using PdfSharp.Pdf;

namespace Krasis.Exchange.Devices;

/// <summary>Labels as pages of their own size, for printers that take PDF.</summary>
public static class LabelPages
{
    private const double PointsPerMm = 72 / 25.4;

    /// <summary>A PDF with a page a label.</summary>
    /// <param name="labels">The labels.</param>
    /// <param name="widthMm">How wide they are.</param>
    /// <param name="heightMm">How high they are.</param>
    public static byte[] Write(IReadOnlyList<Raster> labels, double widthMm, double heightMm)
    {
        BookFonts.Use();
        using var document = new PdfDocument();
        document.Options.CompressContentStreams = false;
        document.Info.Title = "Labels";
        foreach (var label in labels)
        {
            var page = document.AddPage();
            (page.Width, page.Height) = (
                XUnit.FromPoint(widthMm * PointsPerMm),
                XUnit.FromPoint(heightMm * PointsPerMm)
            );
            using var drawing = XGraphics.FromPdfPage(page);
            using var bmp = new MemoryStream(label.ToBmp());
            using var picture = XImage.FromStream(bmp);
            drawing.DrawImage(picture, 0, 0, page.Width.Point, page.Height.Point);
        }

        using var file = new MemoryStream();
        document.Save(file);
        return file.ToArray();
    }
}
