using System.Buffers.Binary;
using System.Globalization;
using System.Text;

namespace Krasis.Exchange.Devices;

/// <summary>A picture of dots, black or white, as label printers take it.</summary>
/// <param name="Width">How many dots a row has.</param>
/// <param name="Height">How many rows.</param>
/// <param name="Bits">The rows from the top, eight dots a byte from the left, the highest bit first, a black dot a one;
/// each row begins a byte.</param>
public sealed record Raster(int Width, int Height, byte[] Bits)
{
    /// <summary>The widest and the longest that is printed, in dots: 30 cm at 8 dots a millimetre.</summary>
    public const int Most = 2400;

    /// <summary>How many bytes a row takes.</summary>
    public int Stride => (Width + 7) / 8;

    /// <summary>Whether it can be one: as many bytes as its dots take.</summary>
    public bool IsWhole => Width is > 0 and <= Most && Height is > 0 and <= Most && Bits.Length == Stride * Height;

    /// <summary>As a portable bitmap (netpbm's P4).</summary>
    public byte[] ToPbm() =>
        [.. Encoding.ASCII.GetBytes(string.Create(CultureInfo.InvariantCulture, $"P4\n{Width} {Height}\n")), .. Bits];

    /// <summary>As a Windows bitmap of one bit a dot.</summary>
    public byte[] ToBmp()
    {
        const int Head = 14 + 40 + 8;
        var stride = (Width + 31) / 32 * 4;
        var bmp = new byte[Head + (stride * Height)];
        var at = bmp.AsSpan();
        (bmp[0], bmp[1]) = ((byte)'B', (byte)'M');
        BinaryPrimitives.WriteInt32LittleEndian(at[2..], bmp.Length);
        BinaryPrimitives.WriteInt32LittleEndian(at[10..], Head);
        BinaryPrimitives.WriteInt32LittleEndian(at[14..], 40);
        BinaryPrimitives.WriteInt32LittleEndian(at[18..], Width);
        BinaryPrimitives.WriteInt32LittleEndian(at[22..], Height);
        BinaryPrimitives.WriteInt16LittleEndian(at[26..], 1);
        BinaryPrimitives.WriteInt16LittleEndian(at[28..], 1);
        BinaryPrimitives.WriteInt32LittleEndian(at[34..], stride * Height);
        BinaryPrimitives.WriteInt32LittleEndian(at[46..], 2);

        // A zero is white and a one is black, from the bottom up.
        at.Slice(54, 3).Fill(255);
        for (var row = 0; row < Height; row++)
        {
            Bits.AsSpan(row * Stride, Stride).CopyTo(at[(Head + ((Height - 1 - row) * stride))..]);
        }

        return bmp;
    }
}
