using System.CommandLine;
using System.CommandLine.Parsing;
using System.Globalization;
using System.Net;
using Krasis.Web.Devices;

namespace Krasis.Web.Hosting;

/// <summary>What can be written behind the program's name.</summary>
public static class CommandLine
{
    private const string PdfFolder = "pdf:";

    private static readonly Option<string> Data = new("--data")
    {
        Description = "The SQLite file that holds everything; made if it is not there, folders too.",
        HelpName = "FILE",
        DefaultValueFactory = _ => Path.Combine("krasis-data", "krasis.db"),
        Recursive = true,
    };

    private static readonly Option<int> Port = new("--port")
    {
        Description = "The port; 0 takes a free one.",
        HelpName = "NUMBER",
        DefaultValueFactory = _ => KrasisOptions.DefaultPort,
        CustomParser = Read("a whole number from 0 to 65535", text =>
            int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var port)
            && port <= IPEndPoint.MaxPort
                ? port
                : (int?)null
        ),
    };

    private static readonly Option<IPAddress> Listen = new("--listen")
    {
        Description = "The address to listen on. Any but this machine's own needs --host.",
        HelpName = "ADDRESS",
        DefaultValueFactory = _ => IPAddress.Loopback,
        CustomParser = result =>
            Words(result) is [var text] && IPAddress.TryParse(text, out var address)
                ? address
                : Refuse<IPAddress>(result, "an IP address, such as 127.0.0.1 or 0.0.0.0"),
    };

    private static readonly Option<string[]> Host = new("--host")
    {
        Description =
            "A name or address under which other machines reach this one, such as bar.lan or 192.168.1.20; may be said again.",
        HelpName = "NAME",
        DefaultValueFactory = _ => [],
        CustomParser = result =>
            Words(result) is var names && names.All(IsHost)
                ? [.. names]
                : Refuse<string[]>(result, "names or addresses without a port, such as bar.lan or 192.168.1.20"),
    };

    private static readonly Option<bool> Demo = new("--demo")
    {
        Description = "Fills a fresh file with the demo café instead of a plain bar.",
    };

    private static readonly Option<TimeSpan> CopyEvery = new("--backup-every")
    {
        Description = "Copies the data file again and again, such as every 6h, 30min or 1d.",
        HelpName = "TIME",
        CustomParser = Read("a time such as 30min, 6h or 1d, from a minute to 30 days", ReadTime),
    };

    private static readonly Option<int> CopiesKept = new("--backup-keep")
    {
        Description = "How many of those copies are kept.",
        HelpName = "NUMBER",
        DefaultValueFactory = _ => 14,
        CustomParser = Read("a whole number from 1 to 1000", text =>
            int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var number)
            && number is >= 1 and <= 1000
                ? number
                : (int?)null
        ),
    };

    private static readonly Option<string?> CopiesFolder = new("--backup-folder")
    {
        Description = "Where copies are kept; the folder 'backups' beside the data file otherwise.",
        HelpName = "FOLDER",
        Recursive = true,
    };

    private static readonly Option<string?> Printer = new("--printer")
    {
        Description =
            $"Where the label printer is: {DeviceAddress.Accepted}, or pdf:FOLDER for a folder that it takes PDF files from.",
        HelpName = "ADDRESS",
        CustomParser = result =>
            Words(result) is [var text]
            && (
                DeviceAddress.Read(text) is not null
                || (text.StartsWith(PdfFolder, StringComparison.OrdinalIgnoreCase) && text.Length > PdfFolder.Length)
            )
                ? text
                : Refuse<string>(result, $"{DeviceAddress.Accepted}, or pdf:FOLDER"),
    };

    private static readonly Option<DeviceAddress?> Scale = new("--scale")
    {
        Description = $"Where the bar's scale is: {DeviceAddress.Accepted}.",
        HelpName = "ADDRESS",
        CustomParser = result =>
            Words(result) is [var text] && DeviceAddress.Read(text) is { } address
                ? address
                : Refuse<DeviceAddress>(result, DeviceAddress.Accepted),
    };

    private static readonly Option<int> DevicePort = new("--at")
    {
        Description = "The port of the simulated device; 0 takes a free one.",
        HelpName = "NUMBER",
        CustomParser = Read("a whole number from 0 to 65535", text =>
            int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var port)
            && port <= IPEndPoint.MaxPort
                ? port
                : (int?)null
        ),
    };

    private static readonly Option<TimeProvider> Clock = new(TestClock.Option)
    {
        Hidden = true,
        DefaultValueFactory = _ => TimeProvider.System,
        CustomParser = result =>
        {
            try
            {
                return TestClock.Read(result.Tokens is [var only] ? only.Value : "");
            }
            catch (KrasisOptionsException e)
            {
                result.AddError(e.Message);
                return null;
            }
        },
    };

    private static readonly Argument<string> To = new("FILE")
    {
        Description = "The copy. A file that is there already is only replaced with --overwrite.",
    };
    private static readonly Option<bool> Overwrite = new("--overwrite")
    {
        Description = "Replaces the copy where it is there already.",
    };
    private static readonly Argument<string> From = new("FILE") { Description = "The copy." };
    private static readonly Argument<string?> Checked = new("FILE")
    {
        Description = "The file; the data file unless said.",
        Arity = ArgumentArity.ZeroOrOne,
    };

    private static readonly Command BackUp = new(
        "backup",
        "Copies everything to a file, whether Krasis is running or not."
    )
    {
        To,
        Overwrite,
    };
    private static readonly Command Restore = new(
        "restore",
        "Puts a copy in the place of the data file, and keeps what is there. Stop Krasis first."
    )
    {
        From,
    };
    private static readonly Command Check = new(
        "check",
        "Reads a data file or a copy from end to end and says whether it is good."
    )
    {
        Checked,
    };

    private static readonly Argument<string> Labels = new("FOLDER") { Description = "Where it puts what it prints." };
    private static readonly Command SimulatedPrinter = new(
        "simulated-printer",
        "A label printer that is a program, on this machine alone: what it is sent becomes pictures in a folder."
    )
    {
        Labels,
        DevicePort,
    };
    private static readonly Command SimulatedScale = new(
        "simulated-scale",
        "A bench scale that is a program, on this machine alone. Lines such as +30, -5 and C that are sent to it lay things on it and take them off."
    )
    {
        DevicePort,
    };

    private static readonly RootCommand Root = new(
        "Krasis writes the standard builds of a café. Without a command it serves its pages to a browser."
    )
    {
        Data,
        Port,
        Listen,
        Host,
        Demo,
        CopyEvery,
        CopiesKept,
        CopiesFolder,
        Printer,
        Scale,
        Clock,
        BackUp,
        Restore,
        Check,
        SimulatedPrinter,
        SimulatedScale,
    };

    static CommandLine()
    {
        foreach (var text in (Option[])[Data, CopiesFolder])
        {
            text.Validators.Add(result =>
            {
                if (result.Tokens is [{ Value.Length: 0 }])
                {
                    result.AddError($"{text.Name} needs a value behind it.");
                }
            });
        }

        Root.SetAction((said, _) => Commands.Serve(Served(said)));
        BackUp.SetAction(said => Commands.BackUp(said.GetValue(Data)!, said.GetValue(To)!, said.GetValue(Overwrite)));
        Restore.SetAction(said =>
            Commands.Restore(said.GetValue(From)!, said.GetValue(Data)!, said.GetValue(CopiesFolder))
        );
        SimulatedPrinter.SetAction(
            (said, stop) =>
                Commands.Simulate(SimulatedDevices.Printer(said.GetValue(DevicePort), said.GetValue(Labels)!, stop))
        );
        SimulatedScale.SetAction(
            (said, stop) => Commands.Simulate(SimulatedDevices.Scale(said.GetValue(DevicePort), stop))
        );
        Check.SetAction(said => Commands.Check(said.GetValue(Checked) ?? said.GetValue(Data)!));
    }

    /// <summary>Does what the command line says.</summary>
    /// <returns>0 where it was done, 1 where a file was found bad, 2 where it could not be done.</returns>
    public static Task<int> Run(string[] args) =>
        Root.Parse(args) is { Errors: [] } said
            ? said.InvokeAsync(
                new InvocationConfiguration { EnableDefaultExceptionHandler = false, ProcessTerminationTimeout = null }
            )
            : throw Misunderstood(Root.Parse(args));

    /// <summary>Reads the command line of a program that is to serve.</summary>
    /// <exception cref="KrasisOptionsException">A word of it is not understood.</exception>
    internal static KrasisOptions Options(IReadOnlyList<string> args)
    {
        var said = Root.Parse(args);
        return said.Errors.Count == 0 ? Served(said) : throw Misunderstood(said);
    }

    private static KrasisOptionsException Misunderstood(ParseResult said) =>
        new($"{string.Join(" ", said.Errors.Select(error => error.Message))} --help says what can be said.");

    private static KrasisOptions Served(ParseResult said)
    {
        var options = new KrasisOptions(
            said.GetValue(Data)!,
            said.GetValue(Listen)!,
            said.GetValue(Port),
            said.GetValue(Demo),
            said.GetValue(Clock)!
        )
        {
            Hosts = said.GetValue(Host)!,
            CopyEvery = said.GetValue(CopyEvery) is { Ticks: > 0 } every ? every : null,
            CopiesKept = said.GetValue(CopiesKept),
            CopiesFolder = said.GetValue(CopiesFolder),
            PrinterAt = said.GetValue(Printer) is { } printer ? DeviceAddress.Read(printer) : null,
            PrinterFolder =
                said.GetValue(Printer) is { } queue && queue.StartsWith(PdfFolder, StringComparison.OrdinalIgnoreCase)
                    ? queue[PdfFolder.Length..]
                    : null,
            ScaleAt = said.GetValue(Scale),
        };
        return !IPAddress.IsLoopback(options.Listen) && options.Hosts.Count == 0
            ? throw new KrasisOptionsException(
                $"--listen {options.Listen} lets other machines in, where everybody may read, change and delete everything: Krasis has no log-in yet. Say under which names they are to reach it, such as --host bar.lan --host 192.168.1.20; pages of other names are then refused."
            )
            : options;
    }

    private static TimeSpan? ReadTime(string text)
    {
        var unit = text.TrimStart("0123456789".ToCharArray());
        var minutes = unit switch
        {
            "min" or "m" => 1,
            "h" => 60,
            "d" => 24 * 60,
            _ => 0,
        };
        return
            int.TryParse(text[..^unit.Length], NumberStyles.None, CultureInfo.InvariantCulture, out var number)
            && (long)number * minutes is >= 1 and <= 30 * 24 * 60
            ? TimeSpan.FromMinutes((double)number * minutes)
            : null;
    }

    private static bool IsHost(string name) => Uri.CheckHostName(name.Trim('[', ']')) != UriHostNameType.Unknown;

    private static Func<ArgumentResult, T> Read<T>(string accepted, Func<string, T?> read)
        where T : struct =>
        result => Words(result) is [var text] && read(text) is { } value ? value : Refuse<T>(result, accepted)!;

    private static IReadOnlyList<string> Words(ArgumentResult result) =>
        [.. result.Tokens.Select(token => token.Value)];

    private static T? Refuse<T>(ArgumentResult result, string accepted)
    {
        result.AddError(
            $"{((OptionResult)result.Parent!).Option.Name} {string.Join(' ', Words(result))}: give {accepted}."
        );
        return default;
    }
}
