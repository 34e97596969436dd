using Microsoft.Data.Sqlite;

namespace Krasis.Store.Tests;

/// <summary>A folder of its own for a test, gone with it.</summary>
public sealed class TemporaryFolder : IDisposable
{
    public string Root { get; } = Directory.CreateTempSubdirectory("krasis-").FullName;

    public string File => Path.Combine(Root, "krasis.db");

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(Root, recursive: true);
    }
}
