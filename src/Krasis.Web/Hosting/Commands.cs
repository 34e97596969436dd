using System.Globalization;
using System.Net;
using Krasis.Store;
using Krasis.Store.Files;

namespace Krasis.Web.Hosting;

/// <summary>What the program does when it is called.</summary>
internal static class Commands
{
    /// <summary>Serves the pages until it is told to stop.</summary>
    public static async Task<int> Serve(KrasisOptions options)
    {
        using var serving = ServingLock.Take(options.DataFile, "Stop it first, or choose another file with --data.");
        var app = KrasisApp.Create(options);
        if (!IPAddress.IsLoopback(options.Listen))
        {
            Console.WriteLine(
                $"Whoever reaches this machine as {string.Join(" or ", options.Hosts)} may read, change and delete everything: Krasis has no log-in yet."
            );
        }

        await app.RunAsync().ConfigureAwait(false);
        return 0;
    }

    /// <summary>Copies everything.</summary>
    /// <param name="dataFile">The data file.</param>
    /// <param name="to">The copy.</param>
    /// <param name="overwrites">Whether a file that is there already is replaced.</param>
    /// <exception cref="KrasisFileException">There is a file already, or the copy cannot be made.</exception>
    public static int BackUp(string dataFile, string to, bool overwrites)
    {
        if (File.Exists(to) && !overwrites)
        {
            throw new KrasisFileException(
                $"There is a file '{Path.GetFullPath(to)}' already, and it was left as it is. Choose another name, or say --overwrite to replace it."
            );
        }

        Copies.Make(dataFile, to);
        Console.WriteLine(
            string.Create(
                CultureInfo.InvariantCulture,
                $"Everything in '{dataFile}' is in '{Path.GetFullPath(to)}' now, {new FileInfo(to).Length / 1e6:0.0} MB, and was read back."
            )
        );
        return 0;
    }

    /// <summary>Puts a copy in the place of the data file.</summary>
    public static int Restore(string copy, string dataFile, string? copies)
    {
        using var serving = ServingLock.Take(dataFile, "Stop it first: what it still writes would be lost.");
        var kept = Restoring.Put(copy, dataFile, TimeProvider.System.GetUtcNow(), copies);
        Console.WriteLine(
            $"'{dataFile}' now holds what is in '{copy}'.{(kept is null ? "" : $" What was there is kept as '{kept}'.")} You can start Krasis now."
        );
        return 0;
    }

    /// <summary>Is a device until it is told to stop.</summary>
    public static async Task<int> Simulate(Task device)
    {
        await device.ConfigureAwait(false);
        return 0;
    }

    /// <summary>Reads a file from end to end.</summary>
    public static int Check(string path)
    {
        if (DataFileLook.Fault(path, isThorough: true) is { } fault)
        {
            Console.WriteLine($"'{path}' is not good: {fault}.");
            return 1;
        }

        var contents = Contents.Of(path);
        Console.WriteLine(
            contents.Faults.Count == 0
                ? $"'{path}' is good: {contents.Says}."
                : $"'{path}' is not good: {string.Join("; ", contents.Faults)}."
        );
        return contents.Faults.Count == 0 ? 0 : 1;
    }
}
