using System.Reflection;
using PdfSharp.Fonts;

namespace Krasis.Exchange.Books;

/// <summary>The fonts of books, which come with the program: what is printed looks the same on every machine. Source
/// Sans 3, under the SIL Open Font License (Fonts/OFL.md).</summary>
internal sealed class BookFonts : IFontResolver
{
    /// <summary>The family.</summary>
    public const string Family = "Source Sans 3";

    private static readonly Lock Gate = new();

    private BookFonts() { }

    /// <summary>Sees to it that documents find them.</summary>
    public static void Use()
    {
        lock (Gate)
        {
            GlobalFontSettings.FontResolver ??= new BookFonts();
        }
    }

    /// <inheritdoc/>
    public FontResolverInfo ResolveTypeface(string familyName, bool bold, bool italic) =>
        new(bold ? "Semibold" : "Regular");

    /// <inheritdoc/>
    public byte[] GetFont(string faceName)
    {
        using var font = Assembly
            .GetExecutingAssembly()
            .GetManifestResourceStream($"Krasis.Exchange.Books.Fonts.SourceSans3-{faceName}.ttf")!;
        using var bytes = new MemoryStream();
        font.CopyTo(bytes);
        return bytes.ToArray();
    }
}
