using CsCheck;
using Krasis.Core.Tests.Outside;
using Krasis.Exchange.Devices;

namespace Krasis.Exchange.Tests;

/// <summary>Labels as dots.</summary>
public class RasterTests
{
    private static readonly Gen<Raster> Labels = Gen.Select(Gen.Int[1, 700], Gen.Int[1, 700])
        .SelectMany(
            (width, height) => Gen.Byte.Array[(width + 7) / 8 * height].Select(bits => new Raster(width, height, bits))
        );

    [Fact]
    public Task What_is_sent_to_a_printer_comes_out_dot_for_dot() =>
        Labels
            .Array[1, 3]
            .Seeded()
            .SampleAsync(
                async labels =>
                {
                    using var cable = new MemoryStream([.. labels.SelectMany(RasterCommands.Write)]);
                    var cut = new List<Raster>();
                    await RasterCommands.Read(
                        cable,
                        label =>
                        {
                            cut.Add(label);
                            return Task.CompletedTask;
                        },
                        TestContext.Current.CancellationToken
                    );
                    Assert.Equal(labels.Length, cut.Count);
                    foreach (var (sent, printed) in labels.Zip(cut))
                    {
                        // A printer knows whole bytes only: a row is as wide as these.
                        Assert.Equal((sent.Stride * 8, sent.Height), (printed.Width, printed.Height));
                        Assert.Equal(sent.Bits, printed.Bits);
                    }
                },
                iter: 50
            );

    // The command's own numbers: GS v 0, bytes a row and rows as two bytes each, the lower first.
    [Fact]
    public void The_commands_are_as_printers_take_them()
    {
        var sent = RasterCommands.Write(new Raster(12, 2, [0xFF, 0xF0, 0x80, 0x10]));
        Assert.Equal(
            [0x1B, 0x40, 0x1D, 0x76, 0x30, 0, 2, 0, 2, 0, 0xFF, 0xF0, 0x80, 0x10, 0x1B, 0x64, 2, 0x1D, 0x56, 0],
            sent
        );
    }

    [Theory]
    [InlineData(1, 1, 1, true)]
    [InlineData(2400, 2400, 720_000, true)]
    [InlineData(2401, 1, 301, false)]
    [InlineData(1, 2401, 2401, false)]
    [InlineData(0, 1, 0, false)]
    [InlineData(1, 0, 0, false)]
    [InlineData(9, 1, 1, false)]
    [InlineData(9, 1, 2, true)]
    public void A_picture_is_whole_when_it_has_as_many_bytes_as_its_dots_take(
        int width,
        int height,
        int bytes,
        bool isWhole
    ) => Assert.Equal(isWhole, new Raster(width, height, new byte[bytes]).IsWhole);

    // netpbm's P4: the head in ASCII, then the rows as they are.
    [Fact]
    public void It_is_a_portable_bitmap() =>
        Assert.Equal([.. "P4\n9 2\n"u8, 0x80, 0x80, 0x01, 0x00], new Raster(9, 2, [0x80, 0x80, 0x01, 0x00]).ToPbm());

    // BITMAPFILEHEADER and BITMAPINFOHEADER of Microsoft's documentation, from memory.
    [Fact]
    public void It_is_a_Windows_bitmap_from_the_bottom_up()
    {
        var bmp = new Raster(9, 2, [0x80, 0x80, 0x01, 0x00]).ToBmp();
        Assert.Equal(14 + 40 + 8 + (2 * 4), bmp.Length); // The heads, two colours, and rows of whole four bytes.
        Assert.Equal("BM"u8.ToArray(), bmp[..2]);
        Assert.Equal(
            (70, 62, 40, 9, 2, 1, 1, 8, 2),
            (Int(2), Int(10), Int(14), Int(18), Int(22), Short(26), Short(28), Int(34), Int(46))
        );
        Assert.Equal([255, 255, 255, 0, 0, 0, 0, 0], bmp[54..62]);
        Assert.Equal([0x01, 0x00, 0, 0, 0x80, 0x80, 0, 0], bmp[62..]);

        int Int(int at) => BitConverter.ToInt32(bmp, at);
        int Short(int at) => BitConverter.ToInt16(bmp, at);
    }

    [Fact]
    public void Labels_are_pages_of_their_own_size()
    {
        var pdf = System.Text.Encoding.Latin1.GetString(
            LabelPages.Write([new Raster(8, 8, new byte[8]), new Raster(8, 8, new byte[8])], 50.8, 25.4)
        );
        Assert.StartsWith("%PDF-", pdf, StringComparison.Ordinal);
        Assert.Contains("/Count 2", pdf, StringComparison.Ordinal);
        Assert.Matches(@"/MediaBox ?\[ ?0 0 144(\.0*)? 72(\.0*)? ?\]", pdf);
    }
}
