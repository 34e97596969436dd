using System.Globalization;
using System.IO.Compression;
using System.Xml;
using MiniExcelLibs;

namespace Krasis.Exchange;

/// <summary>Reads workbooks that somebody sends: XLSX, which is a zip of XML.</summary>
public static class Workbook
{
    // A sheet of twenty thousand rows unpacks to a few megabytes; whatever comes to more is no spreadsheet of a café.
    private const long MostUnpacked = 30_000_000;

    /// <summary>Whether bytes begin as a workbook does.</summary>
    public static bool Is(ReadOnlySpan<byte> bytes) => bytes is [(byte)'P', (byte)'K', 3, 4, ..];

    /// <summary>The sheets of a workbook, each with its rows of text.</summary>
    /// <param name="bytes">The file.</param>
    /// <param name="most">The most rows that are read of a sheet; one more tells that there are more.</param>
    /// <param name="sheets">The most sheets that are read.</param>
    /// <returns>The sheets in their order; null when it is no workbook, or unpacks to too much.</returns>
    public static IReadOnlyList<(string Name, IReadOnlyList<IReadOnlyList<string>> Rows)>? Read(
        byte[] bytes,
        int most,
        int sheets = int.MaxValue
    )
    {
        try
        {
            if (!Is(bytes) || !IsSmall(bytes))
            {
                return null;
            }

            using var stream = new MemoryStream(bytes);
            return
            [
                .. MiniExcel
                    .GetSheetNames(stream)
                    .Take(sheets)
                    .Select(name =>
                        (
                            name,
                            (IReadOnlyList<IReadOnlyList<string>>)
                                [
                                    .. MiniExcel
                                        .Query(stream, useHeaderRow: false, sheetName: name, excelType: ExcelType.XLSX)
                                        .Take(most + 1)
                                        .Select(row =>
                                            (IReadOnlyList<string>)
                                                [.. ((IDictionary<string, object?>)row).Values.Select(Say)]
                                        ),
                                ]
                        )
                    ),
            ];
        }
        catch (Exception problem)
            when (problem
                    is InvalidDataException
                        or XmlException
                        or IOException
                        or NotSupportedException
                        or ArgumentException
                        or InvalidOperationException
                        or FormatException
                        or NullReferenceException
                        or KeyNotFoundException
                        or IndexOutOfRangeException
                        or OverflowException
            )
        {
            return null;
        }
    }

    // What a zip says of itself may be a lie: it is unpacked, and left as soon as it is too much.
    private static bool IsSmall(byte[] bytes)
    {
        using var zip = new ZipArchive(new MemoryStream(bytes));
        var (left, buffer) = (MostUnpacked, new byte[81_920]);
        foreach (var entry in zip.Entries)
        {
            using var unpacked = entry.Open();
            for (int read; (read = unpacked.Read(buffer)) > 0; )
            {
                left -= read;
                if (left < 0)
                {
                    return false;
                }
            }
        }

        return true;
    }

    private static string Say(object? cell) =>
        cell switch
        {
            null => "",
            DateTime at => at.ToString(
                at.TimeOfDay == default ? "yyyy-MM-dd" : "yyyy-MM-dd HH:mm",
                CultureInfo.InvariantCulture
            ),
            double number => number.ToString("R", CultureInfo.InvariantCulture),
            IFormattable other => other.ToString(null, CultureInfo.InvariantCulture),
            _ => cell.ToString()!.Trim(),
        };
}
