using System.Globalization;
using Krasis.Exchange.Devices;

namespace Krasis.Web.Devices;

/// <summary>Prints labels. Pages know only this.</summary>
internal interface ILabelPrinter
{
    /// <summary>Prints labels of one size.</summary>
    /// <param name="labels">The labels.</param>
    /// <param name="widthMm">How wide they are.</param>
    /// <param name="heightMm">How high they are.</param>
    /// <param name="cancellation">Ends it.</param>
    /// <exception cref="DeviceException">It cannot print now.</exception>
    Task Print(IReadOnlyList<Raster> labels, double widthMm, double heightMm, CancellationToken cancellation);
}

/// <summary>A printer that takes raster commands, in the network or on a port.</summary>
/// <param name="address">Where it is.</param>
internal sealed class RasterPrinter(DeviceAddress address) : ILabelPrinter
{
    /// <inheritdoc/>
    public async Task Print(
        IReadOnlyList<Raster> labels,
        double widthMm,
        double heightMm,
        CancellationToken cancellation
    )
    {
        var device = await address.Open(cancellation).ConfigureAwait(false);
        await using (device.ConfigureAwait(false))
        {
            try
            {
                foreach (var label in labels)
                {
                    await device.WriteAsync(RasterCommands.Write(label), cancellation).ConfigureAwait(false);
                }

                await device.FlushAsync(cancellation).ConfigureAwait(false);
            }
            catch (IOException e)
            {
                throw new DeviceException(
                    $"The printer at {address} has stopped in the middle. Look after its paper; what was printed is to be thrown away.",
                    e
                );
            }
        }
    }
}

/// <summary>A folder that a printer's own program takes PDF files from.</summary>
/// <param name="folder">The folder.</param>
/// <param name="clock">Tells when it is.</param>
internal sealed class PdfQueue(string folder, TimeProvider clock) : ILabelPrinter
{
    /// <inheritdoc/>
    public async Task Print(
        IReadOnlyList<Raster> labels,
        double widthMm,
        double heightMm,
        CancellationToken cancellation
    )
    {
        try
        {
            Directory.CreateDirectory(folder);

            // It has its name only when it is whole: whoever watches the folder must not print half of it.
            var name = Path.Combine(
                folder,
                string.Create(
                    CultureInfo.InvariantCulture,
                    $"labels-{clock.GetUtcNow():yyyyMMdd-HHmmss-fff}-{Guid.NewGuid():N}.pdf"
                )
            );
            await File.WriteAllBytesAsync(name + ".part", LabelPages.Write(labels, widthMm, heightMm), cancellation)
                .ConfigureAwait(false);
            File.Move(name + ".part", name);
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            throw new DeviceException($"Labels cannot be put into '{folder}': {e.Message}", e);
        }
    }
}
