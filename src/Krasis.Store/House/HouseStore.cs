using Dapper;
using Krasis.Store.Files;
using Krasis.Store.Prep;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.House;

/// <summary>All that the house knows, table by table, so that it can go out and come back without loss.</summary>
public sealed class HouseStore
{
    /// <summary>The tables that hold what somebody entered, those first that others point to.</summary>
    public static readonly IReadOnlyList<string> Tables =
    [
        "bar_fact",
        "bar_fact_revision",
        "build",
        "revision",
        "state_change",
        "standard",
        "standard_sheet",
        "card_print",
        "make",
        "pour",
        "tasting",
        "taster",
        "tasting_note",
        "prep",
        "prep_day",
        "expected_cups",
        "sold_cups",
        "sales_name",
        "sales_columns",
        "lot_entry",
        "set_batch",
        "cooling_reading",
        "calendar_entry",
        "foreign_fact",
    ];

    // Columns whose text is a JSON document, wherever they stand.
    private static readonly HashSet<string> Documents =
    [
        "document",
        "bar",
        "opened",
        "withdrawn",
        "decision",
        "answer",
        "sent",
        "sheet",
    ];

    private readonly SqliteConnection connection;
    private readonly SqliteTransaction transaction;

    internal HouseStore(SqliteConnection connection, SqliteTransaction transaction)
    {
        this.connection = connection;
        this.transaction = transaction;
    }

    /// <summary>Which house the file is of.</summary>
    public string Id => connection.ExecuteScalar<string>("SELECT house FROM house_file", transaction: transaction)!;

    /// <summary>Whether the lead has said that anybody may read the board.</summary>
    public bool IsBoardPublic
    {
        get => connection.ExecuteScalar<long>("SELECT board_public FROM house_file", transaction: transaction) == 1;
        set =>
            connection.Execute(
                "UPDATE house_file SET board_public = @value",
                new { value = value ? 1 : 0 },
                transaction
            );
    }

    /// <summary>The columns of a table.</summary>
    public IReadOnlyList<HouseColumn> Columns(string table) =>
        [
            .. connection
                .Query<(string Name, string Type, long NotNull)>(
                    "SELECT name, type, \"notnull\" FROM pragma_table_info(@table) ORDER BY cid",
                    new { table },
                    transaction
                )
                .Select(column => new HouseColumn(
                    column.Name,
                    column.Type,
                    column.NotNull == 0,
                    Documents.Contains(column.Name)
                )),
        ];

    /// <summary>Everything, by keys, so that the same is always read in the same order.</summary>
    public IReadOnlyList<HouseTable> Read() => [.. Tables.Select(Read)];

    /// <summary>Puts other things in the place of everything. What else protects the books from being changed does not
    /// protect them from this.</summary>
    /// <param name="house">Which house it is now.</param>
    /// <param name="tables">Everything, in any order; a table that is missing is empty.</param>
    public void Replace(string house, IReadOnlyList<HouseTable> tables)
    {
        var triggers = connection
            .Query<(string Name, string Sql)>(
                "SELECT name, sql FROM sqlite_schema WHERE type = 'trigger' AND (name LIKE '%_stays' OR name LIKE '%_is_kept')",
                transaction: transaction
            )
            .ToList();
        triggers.ForEach(trigger => Execute($"DROP TRIGGER {trigger.Name}"));
        var there = connection
            .Query<string>("SELECT name FROM sqlite_schema WHERE type = 'table'", transaction: transaction)
            .ToHashSet();
        foreach (var table in Tables.Where(there.Contains).Reverse())
        {
            Execute($"DELETE FROM {table}");
        }

        foreach (var table in Tables)
        {
            if (tables.FirstOrDefault(other => other.Name == table) is { } filled)
            {
                Fill(filled);
            }
        }

        triggers.ForEach(trigger => Execute(trigger.Sql));
        if (there.Contains("lot_balance"))
        {
            Execute("DELETE FROM lot_balance; UPDATE lot_fold SET folded_to = 0");
            new PrepStore(connection, transaction).FoldBook();
        }

        PutInPlace.Mark(connection, transaction);
        connection.Execute("UPDATE house_file SET house = @house", new { house }, transaction);
    }

    /// <summary>One table, by its keys.</summary>
    /// <param name="table">Which of <see cref="Tables"/>.</param>
    public HouseTable Read(string table) => new(table, Columns(table), [.. Rows(table)]);

    /// <summary>Its rows, read one by one as they are asked for.</summary>
    /// <param name="table">Which of <see cref="Tables"/>.</param>
    public IEnumerable<IReadOnlyList<object?>> Rows(string table)
    {
        var columns = Columns(table);
        var keys = connection.Query<string>(
            "SELECT name FROM pragma_table_info(@table) WHERE pk > 0 ORDER BY pk",
            new { table },
            transaction
        );
        using var reader = connection.ExecuteReader(
            $"SELECT {string.Join(", ", columns.Select(column => column.Name))} FROM {table} ORDER BY {string.Join(", ", keys)}",
            transaction: transaction
        );
        while (reader.Read())
        {
            yield return [.. columns.Select((_, i) => reader.IsDBNull(i) ? null : reader.GetValue(i))];
        }
    }

    private void Fill(HouseTable table)
    {
        using var command = connection.CreateCommand();
        command.Transaction = transaction;
        command.CommandText =
            $"INSERT INTO {table.Name} ({string.Join(", ", table.Columns.Select(column => column.Name))}) VALUES ({string.Join(", ", table.Columns.Select((_, i) => $"$p{i}"))})";
        var parameters = table
            .Columns.Select((_, i) => command.Parameters.AddWithValue($"$p{i}", DBNull.Value))
            .ToList();
        foreach (var row in table.Rows)
        {
            for (var i = 0; i < parameters.Count; i++)
            {
                parameters[i].Value = row[i] ?? DBNull.Value;
            }

            command.ExecuteNonQuery();
        }
    }

    private void Execute(string sql) => connection.Execute(sql, transaction: transaction);
}
