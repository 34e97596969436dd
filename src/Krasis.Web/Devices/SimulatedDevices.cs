using System.Globalization;
using System.Net;
using System.Net.Sockets;
using System.Text;
using Krasis.Exchange.Devices;

namespace Krasis.Web.Devices;

/// <summary>Devices that are programs, on this machine alone, so that printing and weighing can be tried from end to
/// end without any. They know nothing of the rest of the program, and speak as real ones do.</summary>
internal static class SimulatedDevices
{
    // As most bench scales send: ten lines a second.
    private static readonly TimeSpan Tick = TimeSpan.FromMilliseconds(100);

    /// <summary>A label printer: it puts each label that it is sent as a picture into a folder.</summary>
    /// <param name="port">The port; 0 takes a free one.</param>
    /// <param name="folder">The folder.</param>
    /// <param name="stop">Ends it.</param>
    public static Task Printer(int port, string folder, CancellationToken stop)
    {
        Directory.CreateDirectory(folder);
        var printed = 0;
        return Serve(
            "The simulated printer",
            port,
            device =>
                RasterCommands.Read(
                    device,
                    async label =>
                    {
                        var path = Path.Combine(
                            folder,
                            string.Create(
                                CultureInfo.InvariantCulture,
                                $"label-{Interlocked.Increment(ref printed):0000}.pbm"
                            )
                        );
                        await File.WriteAllBytesAsync(path + ".part", label.ToPbm(), stop).ConfigureAwait(false);
                        File.Move(path + ".part", path, overwrite: true);
                        Console.WriteLine($"Printed {path}");
                    },
                    stop
                ),
            stop
        );
    }

    /// <summary>A bench scale: it sends what lies on it ten times a second. Whoever sends it a line such as <c>+30</c>
    /// lays 30 g on it, <c>-5</c> takes 5 g off, <c>C</c> takes everything off.</summary>
    /// <param name="port">The port; 0 takes a free one.</param>
    /// <param name="stop">Ends it.</param>
    public static Task Scale(int port, CancellationToken stop)
    {
        var gate = new Lock();
        var (load, pan) = (0.0, 0.0);
        return Serve(
            "The simulated scale",
            port,
            async device =>
            {
                using var gone = CancellationTokenSource.CreateLinkedTokenSource(stop);
                var heard = Hear();
                using var timer = new PeriodicTimer(Tick);
                try
                {
                    while (await timer.WaitForNextTickAsync(gone.Token).ConfigureAwait(false))
                    {
                        double shown;
                        bool isStill;
                        lock (gate)
                        {
                            // Half of the way each time, as a pan comes to rest.
                            pan += (load - pan) / 2;
                            (shown, isStill) = (Math.Round(pan, 1), Math.Abs(load - pan) < 0.05);
                        }

                        var line = string.Create(
                            CultureInfo.InvariantCulture,
                            $"{(isStill ? "ST" : "US")},GS,{(shown < 0 ? '-' : '+')}{Math.Abs(shown), 7:0.0} g\r\n"
                        );
                        await device.WriteAsync(Encoding.ASCII.GetBytes(line), gone.Token).ConfigureAwait(false);
                    }
                }
                finally
                {
                    await gone.CancelAsync().ConfigureAwait(false);
                    await heard.ConfigureAwait(false);
                }

                async Task Hear()
                {
                    using var lines = new StreamReader(device, Encoding.ASCII, leaveOpen: true);
                    try
                    {
                        while (await lines.ReadLineAsync(gone.Token).ConfigureAwait(false) is { } line)
                        {
                            lock (gate)
                            {
                                load =
                                    line.Trim() is "C" or "c" ? 0
                                    : double.TryParse(
                                        line,
                                        NumberStyles.Float,
                                        CultureInfo.InvariantCulture,
                                        out var grams
                                    ) && double.IsFinite(grams)
                                        ? Math.Clamp(load + grams, 0, 10_000)
                                    : load;
                            }
                        }
                    }
                    catch (Exception e) when (e is IOException or OperationCanceledException)
                    {
                        // Whoever spoke to it has gone.
                    }
                }
            },
            stop
        );
    }

    private static async Task Serve(string what, int port, Func<Stream, Task> speak, CancellationToken stop)
    {
        using var listener = new TcpListener(IPAddress.Loopback, port);
        listener.Start();
        Console.WriteLine(
            $"{what} is at tcp:127.0.0.1:{((IPEndPoint)listener.LocalEndpoint).Port.ToString(CultureInfo.InvariantCulture)}"
        );
        try
        {
            while (true)
            {
                var client = await listener.AcceptTcpClientAsync(stop).ConfigureAwait(false);
                _ = Task.Run(
                    async () =>
                    {
                        using (client)
                        {
                            try
                            {
                                await speak(client.GetStream()).ConfigureAwait(false);
                            }
                            catch (Exception e) when (e is IOException or OperationCanceledException)
                            {
                                // A cable that is pulled out ends it.
                            }
                        }
                    },
                    stop
                );
            }
        }
        catch (OperationCanceledException)
        {
            // It was told to stop.
        }
    }
}
