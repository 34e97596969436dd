using System.Globalization;
using System.Net;
using System.Net.Sockets;

namespace Krasis.Web.Devices;

/// <summary>Where a device is: at the other end of a network cable, or a file of the system that is one.</summary>
/// <param name="Host">Its name or address in the network; null for a file.</param>
/// <param name="Port">Its port there.</param>
/// <param name="Path">The file; null in the network.</param>
internal sealed record DeviceAddress(string? Host, int Port, string? Path)
{
    /// <summary>What an address may be, in words.</summary>
    public const string Accepted =
        "tcp:HOST:PORT, such as tcp:192.168.1.40:9100, or the file of a port, such as /dev/usb/lp0";

    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(5);

    /// <summary>Reads an address; null where it is none.</summary>
    public static DeviceAddress? Read(string text)
    {
        if (!text.StartsWith("tcp:", StringComparison.OrdinalIgnoreCase))
        {
            return System.IO.Path.IsPathRooted(text) ? new DeviceAddress(null, 0, text) : null;
        }

        var at = text.LastIndexOf(':');
        return
            at > 4
            && int.TryParse(text[(at + 1)..], NumberStyles.None, CultureInfo.InvariantCulture, out var port)
            && port is > 0 and <= IPEndPoint.MaxPort
            && Uri.CheckHostName(text[4..at].Trim('[', ']')) != UriHostNameType.Unknown
            ? new DeviceAddress(text[4..at].Trim('[', ']'), port, null)
            : null;
    }

    /// <summary>Opens it.</summary>
    /// <exception cref="DeviceException">It does not answer.</exception>
    public async Task<Stream> Open(CancellationToken cancellation)
    {
        try
        {
            if (Path is not null)
            {
                return new FileStream(
                    Path,
                    FileMode.Open,
                    FileAccess.ReadWrite,
                    FileShare.ReadWrite,
                    bufferSize: 0,
                    useAsync: true
                );
            }

            var socket = new Socket(SocketType.Stream, ProtocolType.Tcp) { NoDelay = true };
            using var soon = CancellationTokenSource.CreateLinkedTokenSource(cancellation);
            soon.CancelAfter(Patience);
            try
            {
                await socket.ConnectAsync(Host!, Port, soon.Token).ConfigureAwait(false);
            }
            catch
            {
                socket.Dispose();
                throw;
            }

            return new NetworkStream(socket, ownsSocket: true);
        }
        catch (Exception e)
            when (e is IOException or SocketException or UnauthorizedAccessException
                || (e is OperationCanceledException && !cancellation.IsCancellationRequested)
            )
        {
            throw new DeviceException(
                $"The device at {this} does not answer. Look whether it is on and its cable is in.",
                e
            );
        }
    }

    /// <inheritdoc/>
    public override string ToString() => Path ?? $"{Host}:{Port.ToString(CultureInfo.InvariantCulture)}";
}

/// <summary>A device does not do what it is asked. The message is for whoever is at the page.</summary>
/// <param name="message">What is the matter, and what to look after.</param>
/// <param name="inner">What the system said.</param>
internal sealed class DeviceException(string message, Exception? inner = null) : Exception(message, inner);
