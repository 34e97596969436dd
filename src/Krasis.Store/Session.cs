using Krasis.Store.Bar;
using Krasis.Store.Builds;
using Krasis.Store.Standards;
using Microsoft.Data.Sqlite;

namespace Krasis.Store;

/// <summary>One transaction on the file, and the stores within it.</summary>
public sealed class Session
{
    internal Session(SqliteConnection connection, SqliteTransaction transaction)
    {
        Builds = new BuildStore(connection, transaction);
        Bar = new BarStore(connection, transaction);
        Standards = new StandardStore(connection, transaction);
    }

    /// <summary>The builds.</summary>
    public BuildStore Builds { get; }

    /// <summary>The bar's facts.</summary>
    public BarStore Bar { get; }

    /// <summary>What has been published.</summary>
    public StandardStore Standards { get; }

    internal bool IsAbandoned { get; private set; }

    /// <summary>Gives up what was changed: when the work is over, nothing of it is kept.</summary>
    public void Abandon() => IsAbandoned = true;
}
