using System.Net;
using Krasis.Web.Devices;

namespace Krasis.Web.Hosting;

/// <summary>How the program was told to run.</summary>
/// <param name="DataFile">The SQLite file.</param>
/// <param name="Listen">The address to listen on; loopback unless told otherwise.</param>
/// <param name="Port">The port; 0 takes a free one.</param>
/// <param name="Demo">Whether a fresh file is filled with the demo café.</param>
/// <param name="Clock">Tells the time: the machine's, unless a test has set another (see
/// <see cref="TestClock"/>).</param>
public sealed record KrasisOptions(string DataFile, IPAddress Listen, int Port, bool Demo, TimeProvider Clock)
{
    public const int DefaultPort = 5180;

    /// <summary>The names under which other machines may reach it, beside those of this machine.</summary>
    public IReadOnlyList<string> Hosts { get; init; } = [];

    /// <summary>Where the label printer is that takes raster commands; null where there is none.</summary>
    internal DeviceAddress? PrinterAt { get; init; }

    /// <summary>The folder that a printer takes PDF files from; null where there is none.</summary>
    internal string? PrinterFolder { get; init; }

    /// <summary>Where the bar's scale is; null where there is none.</summary>
    internal DeviceAddress? ScaleAt { get; init; }

    /// <summary>How long after one copy of the data file the next is made; null makes none.</summary>
    public TimeSpan? CopyEvery { get; init; }

    /// <summary>How many of those copies are kept.</summary>
    public int CopiesKept { get; init; } = 14;

    /// <summary>Where copies are kept; null keeps them beside the data file.</summary>
    public string? CopiesFolder { get; init; }

    /// <summary>Reads the command line of a program that is to serve.</summary>
    /// <exception cref="KrasisOptionsException">A word of it is not understood.</exception>
    public static KrasisOptions From(IReadOnlyList<string> args) => CommandLine.Options(args);
}
