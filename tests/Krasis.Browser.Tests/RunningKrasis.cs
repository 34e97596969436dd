namespace Krasis.Browser.Tests;

/// <summary>The program at an address of its own, on a data file of its own that outlives a stop.</summary>
public abstract class RunningKrasis : IDisposable
{
    /// <summary>When it is at the program's first start, whatever the machine's clock says: no test and no picture
    /// depends on its day.</summary>
    public const string Now = "2026-11-25T09:00:00Z";

    private readonly string folder = Directory.CreateTempSubdirectory("krasis-browser-").FullName;

    public Uri Address { get; protected set; } = null!;

    /// <summary>Where its data is.</summary>
    public string DataFile => Path.Combine(folder, "krasis.db");

    /// <summary>Ends it, so that nobody answers at its address.</summary>
    public abstract void TakeDown();

    /// <summary>Starts it again at the same address.</summary>
    public abstract void StartAgain();

    public void Dispose()
    {
        GC.SuppressFinalize(this);
        TakeDown();
        Release();
        Directory.Delete(folder, recursive: true);
    }

    /// <summary>Gives back what was needed to run it.</summary>
    protected abstract void Release();

    /// <summary>The words behind the program's name.</summary>
    protected IReadOnlyList<string> CommandLine(int port, IReadOnlyList<string> more) =>
        ["--data", DataFile, "--port", $"{port}", "--clock", Now, .. more];
}
