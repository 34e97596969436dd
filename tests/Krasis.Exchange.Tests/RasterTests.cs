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
}
