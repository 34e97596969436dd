namespace Krasis.Store.Tests;

/// <summary>A folder of its own for a test, gone with it.</summary>
public sealed class TemporaryFolder : IDisposable
{
    public string Root { get; } = Directory.CreateTempSubdirectory("krasis-").FullName;

    public string File => Path.Combine(Root, "krasis.db");

    public void Dispose()
    {
        // Of its own files alone: a test beside it still reads in its own.
        KrasisFile.LetGo(File);
        Directory.Delete(Root, recursive: true);
    }
}
