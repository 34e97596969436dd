using System.Globalization;
using System.Net;

namespace Krasis.Web.Hosting;

/// <summary>How the program was told to run.</summary>
/// <param name="DataFile">The SQLite file.</param>
/// <param name="Listen">The address to listen on; loopback unless told otherwise.</param>
/// <param name="Port">The port; 0 takes a free one.</param>
/// <param name="Demo">Whether a fresh file is filled with the demo café.</param>
/// <param name="Clock">Tells the time: the machine's, unless a test has set another (see <see cref="TestClock"/>).</param>
public sealed record KrasisOptions(string DataFile, IPAddress Listen, int Port, bool Demo, TimeProvider Clock)
{
    public const int DefaultPort = 5180;

    private const string Usage = "Krasis.Web [--data FILE] [--port NUMBER] [--listen ADDRESS] [--demo]";

    /// <summary>Reads the command line.</summary>
    /// <exception cref="KrasisOptionsException">A word of it is not understood.</exception>
    public static KrasisOptions From(IReadOnlyList<string> args)
    {
        var options = new KrasisOptions(Path.Combine("krasis-data", "krasis.db"), IPAddress.Loopback, DefaultPort, Demo: false, TimeProvider.System);
        for (var i = 0; i < args.Count; i++)
        {
            options = args[i] switch
            {
                "--data" => options with { DataFile = Next(args, ref i) },
                "--port" => options with { Port = ReadPort(Next(args, ref i)) },
                "--listen" => options with { Listen = ReadAddress(Next(args, ref i)) },
                "--demo" => options with { Demo = true },
                TestClock.Option => options with { Clock = TestClock.Read(Next(args, ref i)) },
                _ => throw new KrasisOptionsException($"'{args[i]}' is not understood. Usage: {Usage}"),
            };
        }

        return options;
    }

    private static string Next(IReadOnlyList<string> args, ref int i) => ++i < args.Count && args[i].Length > 0
        ? args[i]
        : throw new KrasisOptionsException($"'{args[i - 1]}' needs a value behind it. Usage: {Usage}");

    private static int ReadPort(string text) =>
        int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var port) && port <= IPEndPoint.MaxPort
            ? port
            : throw new KrasisOptionsException($"--port {text}: give a whole number from 0 to {IPEndPoint.MaxPort}.");

    private static IPAddress ReadAddress(string text) => IPAddress.TryParse(text, out var address)
        ? address
        : throw new KrasisOptionsException($"--listen {text}: give an IP address, such as 127.0.0.1 or 0.0.0.0.");
}
