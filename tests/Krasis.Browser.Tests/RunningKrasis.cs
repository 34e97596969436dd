namespace Krasis.Browser.Tests;

/// <summary>A running Krasis with its own address and data file. The data file stays when it is stopped.</summary>
public abstract class RunningKrasis : IDisposable
{
    /// <summary>When it is at the program's first start, whatever the machine's clock says: no test and no picture
    /// depends on its day.</summary>
    public const string Now = "2026-11-25T09:00:00Z";

    private readonly string folder = Directory.CreateTempSubdirectory("krasis-browser-").FullName;

    public Uri Address { get; protected set; } = null!;

    /// <summary>Where its data is.</summary>
    public string DataFile => Path.Combine(folder, "krasis.db");

    /// <summary>Stops it: nothing answers at its address any more.</summary>
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
