namespace Krasis.Exchange.Devices;

/// <summary>The commands that receipt and label printers with a raster mode take: made ready, a raster, feed and
/// cut.</summary>
/// <remarks>The ESC/POS family of commands as such printers share it; common practice, no published standard.</remarks>
public static class RasterCommands
{
    private const byte Escape = 0x1B,
        Group = 0x1D;

    // The most rows that a printer with little memory takes at once.
    private const int MostRows = 255;

    /// <summary>The commands that print a label.</summary>
    public static byte[] Write(Raster label)
    {
        var sent = new List<byte> { Escape, (byte)'@' };
        for (var from = 0; from < label.Height; from += MostRows)
        {
            var rows = Math.Min(MostRows, label.Height - from);
            sent.AddRange([
                Group,
                (byte)'v',
                (byte)'0',
                0,
                (byte)label.Stride,
                (byte)(label.Stride >> 8),
                (byte)rows,
                (byte)(rows >> 8),
            ]);
            sent.AddRange(label.Bits.AsSpan(from * label.Stride, rows * label.Stride));
        }

        sent.AddRange([Escape, (byte)'d', 2, Group, (byte)'V', 0]);
        return [.. sent];
    }

    /// <summary>Reads commands as a printer does, until they end.</summary>
    /// <param name="sent">What is sent to it.</param>
    /// <param name="cut">Is given each label as it is cut off.</param>
    /// <param name="cancellation">Ends it.</param>
    public static async Task Read(Stream sent, Func<Raster, Task> cut, CancellationToken cancellation)
    {
        var (rows, stride) = (new List<byte>(), 0);
        var one = new byte[1];
        while (await sent.ReadAsync(one, cancellation).ConfigureAwait(false) == 1)
        {
            if (one[0] is not (Escape or Group))
            {
                continue;
            }

            var kind = one[0];
            var command = (await Take(1).ConfigureAwait(false))[0];
            switch (kind, command)
            {
                case (Escape, (byte)'@'):
                    (rows, stride) = ([], 0);
                    break;
                case (Escape, (byte)'d'):
                    await Take(1).ConfigureAwait(false);
                    break;
                case (Group, (byte)'v'):
                    var head = await Take(6).ConfigureAwait(false);
                    stride = head[2] + (head[3] << 8);
                    rows.AddRange(await Take(stride * (head[4] + (head[5] << 8))).ConfigureAwait(false));
                    break;
                case (Group, (byte)'V'):
                    await Take(1).ConfigureAwait(false);
                    if (stride > 0 && rows.Count > 0)
                    {
                        await cut(new Raster(stride * 8, rows.Count / stride, [.. rows])).ConfigureAwait(false);
                    }

                    (rows, stride) = ([], 0);
                    break;
            }
        }

        async Task<byte[]> Take(int count)
        {
            var bytes = new byte[count];
            await sent.ReadExactlyAsync(bytes, cancellation).ConfigureAwait(false);
            return bytes;
        }
    }
}
