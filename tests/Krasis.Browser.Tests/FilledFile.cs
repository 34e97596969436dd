namespace Krasis.Browser.Tests;

/// <summary>A data file as the program fills it when it is started with <c>--demo</c> for the first time.</summary>
internal sealed class FilledFile
{
    private readonly string folder = Directory.CreateTempSubdirectory("krasis-filled-").FullName;

    public FilledFile()
    {
        AppDomain.CurrentDomain.ProcessExit += (_, _) => Directory.Delete(folder, recursive: true);
        using var program = new KrasisHost(demo: false, "--demo");
        program.Stop();
        foreach (var end in Ends.Where(end => File.Exists(program.DataFile + end)))
        {
            File.Copy(program.DataFile + end, Path.Combine(folder, "krasis.db") + end);
        }
    }

    // What was written last may still stand in the log.
    private static readonly string[] Ends = ["", "-wal"];

    public void CopyTo(string dataFile)
    {
        foreach (var end in Ends.Where(end => File.Exists(Path.Combine(folder, "krasis.db") + end)))
        {
            File.Copy(Path.Combine(folder, "krasis.db") + end, dataFile + end);
        }
    }
}
