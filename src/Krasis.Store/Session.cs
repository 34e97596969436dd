using Dapper;
using Krasis.Store.Bar;
using Krasis.Store.Builds;
using Krasis.Store.House;
using Krasis.Store.Makes;
using Krasis.Store.Prep;
using Krasis.Store.Prints;
using Krasis.Store.Standards;
using Krasis.Store.Tastings;
using Microsoft.Data.Sqlite;

namespace Krasis.Store;

/// <summary>One transaction on the file, and the stores within it.</summary>
public sealed class Session
{
    // The largest build there can be, with its revision, in bytes.
    private const int LargestSave = 200_000;

    private readonly SqliteConnection connection;
    private readonly SqliteTransaction transaction;
    private long? putInPlace;

    /// <summary>Begins with a transaction.</summary>
    /// <param name="connection">The connection.</param>
    /// <param name="transaction">The transaction.</param>
    /// <param name="facts">What is remembered of the bar.</param>
    /// <param name="isReading">Whether it changes nothing, so that what it reads is what is kept.</param>
    /// <param name="who">Who works in it; empty where it is not known.</param>
    internal Session(
        SqliteConnection connection,
        SqliteTransaction transaction,
        FactsCache facts,
        bool isReading,
        string who = ""
    )
    {
        Who = who;
        this.connection = connection;
        this.transaction = transaction;
        Builds = new BuildStore(connection, transaction, who);
        Bar = new BarStore(connection, transaction, facts, isReading, who);
        Standards = new StandardStore(connection, transaction);
        Makes = new MakeStore(connection, transaction);
        Prints = new PrintStore(connection, transaction);
        Tastings = new TastingStore(connection, transaction);
        Prep = new PrepStore(connection, transaction);
        House = new HouseStore(connection, transaction);
        Taken = new TakenStore(connection, transaction);
    }

    /// <summary>Who works in it; empty where it is not known. What is saved in it is signed with this name.</summary>
    public string Who { get; }

    /// <summary>The builds.</summary>
    public BuildStore Builds { get; }

    /// <summary>The bar's facts.</summary>
    public BarStore Bar { get; }

    /// <summary>What has been published.</summary>
    public StandardStore Standards { get; }

    /// <summary>What has been made.</summary>
    public MakeStore Makes { get; }

    /// <summary>Which cards have been printed.</summary>
    public PrintStore Prints { get; }

    /// <summary>What has been tasted.</summary>
    public TastingStore Tastings { get; }

    /// <summary>How the house prepares, and its stock.</summary>
    public PrepStore Prep { get; }

    /// <summary>Everything, table by table.</summary>
    public HouseStore House { get; }

    /// <summary>What was taken in from files.</summary>
    public TakenStore Taken { get; }

    /// <summary>Tells the file from what was in its place before, in which versions count alike; 0 where nothing ever
    /// was.</summary>
    public long PutInPlace => putInPlace ??= Files.PutInPlace.Of(connection, transaction);

    /// <summary>How often builds and standards have been changed.</summary>
    public long BuildsRevision =>
        connection.ExecuteScalar<long>("SELECT n FROM counter WHERE what = 'builds'", transaction: transaction);

    /// <summary>How often the file has been written: the same as long as nothing in it has changed.</summary>
    public long Writes => connection.ExecuteScalar<long>("SELECT writes FROM house_file", transaction: transaction);

    internal void CountWrite() =>
        connection.Execute("UPDATE house_file SET writes = writes + 1", transaction: transaction);

    /// <summary>Writes as much as the largest save takes, or takes it away again, to see whether it can be
    /// written.</summary>
    internal void Try(bool isThere) =>
        connection.Execute(
            "UPDATE house_file SET room = iif(@isThere, randomblob(@most), NULL)",
            new { isThere, most = LargestSave },
            transaction
        );

    internal bool IsAbandoned { get; private set; }

    /// <summary>Gives up what was changed: when the work is over, nothing of it is kept.</summary>
    public void Abandon() => IsAbandoned = true;
}
