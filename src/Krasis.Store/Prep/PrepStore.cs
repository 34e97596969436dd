using Dapper;
using Krasis.Store.Values;
using Microsoft.Data.Sqlite;

namespace Krasis.Store.Prep;

/// <summary>Keeps how the house prepares, what it expects and sold, its stock, and what was done to the plan by
/// hand.</summary>
public sealed class PrepStore
{
    private const string CupsColumns = "day, station, build_id AS build, size, cups";
    private const string LotColumns =
        "number, id, at, lot, item, move, amount, day, use_by AS useBy, batch, reason, who, cost, sold_day AS soldDay";
    private const string BalanceColumns = "lot, item, remaining, since, opened_on AS openedOn, use_by AS useBy, who";

    private readonly SqliteConnection connection;
    private readonly SqliteTransaction transaction;

    internal PrepStore(SqliteConnection connection, SqliteTransaction transaction)
    {
        this.connection = connection;
        this.transaction = transaction;
    }

    /// <summary>How the house prepares; null while nobody has said.</summary>
    public StoredPrep? Find() =>
        connection.QuerySingleOrDefault<StoredPrep>("SELECT version, document FROM prep", transaction: transaction);

    /// <summary>Keeps how the house prepares.</summary>
    /// <param name="expected">The version that was changed; 0 when nothing had been said.</param>
    /// <param name="document">It, as JSON.</param>
    public SaveOutcome Save(long expected, string document)
    {
        if (expected == 0)
        {
            return
                connection.Execute(
                    "INSERT INTO prep (id, version, document) VALUES (1, 1, @document) ON CONFLICT DO NOTHING",
                    new { document },
                    transaction
                ) == 1
                ? SaveOutcome.Saved
                : SaveOutcome.Stale;
        }

        return
            connection.Execute(
                "UPDATE prep SET document = @document, version = version + 1 WHERE version = @expected",
                new { expected, document },
                transaction
            ) == 1
            ? SaveOutcome.Saved
            : SaveOutcome.Stale;
    }

    /// <summary>What sort of day each is that is not an ordinary one.</summary>
    public IReadOnlyDictionary<string, string> Kinds() =>
        connection
            .Query<(string Day, string Kind)>("SELECT day, kind FROM prep_day", transaction: transaction)
            .ToDictionary(row => row.Day, row => row.Kind);

    /// <summary>Says what sort of day it is.</summary>
    /// <param name="day">The day.</param>
    /// <param name="kind">The sort; null for an ordinary one.</param>
    public void SetKind(string day, string? kind) =>
        connection.Execute(
            kind is null
                ? "DELETE FROM prep_day WHERE day = @day"
                : "INSERT INTO prep_day (day, kind) VALUES (@day, @kind) ON CONFLICT (day) DO UPDATE SET kind = @kind",
            new { day, kind },
            transaction
        );

    /// <summary>What somebody said will be sold, from a day to another.</summary>
    public IReadOnlyList<CupsRow> Expected(string from, string to) =>
        [
            .. connection.Query<CupsRow>(
                $"SELECT {CupsColumns} FROM expected_cups WHERE day BETWEEN @from AND @to ORDER BY day, station, build_id, size",
                new { from, to },
                transaction
            ),
        ];

    /// <summary>Says how many cups there will be.</summary>
    /// <param name="row">Of what.</param>
    /// <param name="isSaid">Whether it is said; otherwise what was said is taken back.</param>
    public void Expect(CupsRow row, bool isSaid) =>
        connection.Execute(
            isSaid
                ? "INSERT INTO expected_cups (day, station, build_id, size, cups) VALUES (@Day, @Station, @Build, @Size, @Cups) ON CONFLICT (day, station, build_id, size) DO UPDATE SET cups = @Cups"
                : "DELETE FROM expected_cups WHERE day = @Day AND station = @Station AND build_id = @Build AND size = @Size",
            row,
            transaction
        );

    /// <summary>What was sold from a day to another.</summary>
    public IReadOnlyList<SoldRow> Sold(string from, string to) =>
        [
            .. connection.Query<SoldRow>(
                $"SELECT {CupsColumns}, times FROM sold_cups WHERE day BETWEEN @from AND @to ORDER BY day, station, build_id, size",
                new { from, to },
                transaction
            ),
        ];

    /// <summary>Keeps what was sold on a day at a station, in the place of what was known of it.</summary>
    public void Sell(string day, string station, IEnumerable<SoldRow> rows)
    {
        connection.Execute(
            "DELETE FROM sold_cups WHERE day = @day AND station = @station",
            new { day, station },
            transaction
        );
        connection.Execute(
            "INSERT INTO sold_cups (day, station, build_id, size, cups, times) VALUES (@Day, @Station, @Build, @Size, @Cups, @Times)",
            rows,
            transaction
        );
    }

    /// <summary>What the till calls the drinks.</summary>
    public IReadOnlyList<SalesName> Names() =>
        [
            .. connection.Query<SalesName>(
                "SELECT words, build_id AS build, size FROM sales_name ORDER BY words",
                transaction: transaction
            ),
        ];

    /// <summary>Keeps what the till calls a drink.</summary>
    public void Name(SalesName name) =>
        connection.Execute(
            "INSERT INTO sales_name (words, build_id, size) VALUES (@Words, @Build, @Size) ON CONFLICT (words) DO UPDATE SET build_id = @Build, size = @Size",
            name,
            transaction
        );

    /// <summary>Which columns hold what in a file with such a head; null when nobody has said.</summary>
    public string? Columns(string head) =>
        connection.ExecuteScalar<string?>(
            "SELECT document FROM sales_columns WHERE head = @head",
            new { head },
            transaction
        );

    /// <summary>Keeps which columns hold what.</summary>
    public void SetColumns(string head, string document) =>
        connection.Execute(
            "INSERT INTO sales_columns (head, document) VALUES (@head, @document) ON CONFLICT (head) DO UPDATE SET document = @document",
            new { head, document },
            transaction
        );

    /// <summary>How many lines the book of stock has.</summary>
    public long BookLength =>
        connection.ExecuteScalar<long>("SELECT count(*) FROM lot_entry", transaction: transaction);

    /// <summary>The lots of which something is left.</summary>
    public IReadOnlyList<LotBalance> LotsInStock() =>
        [
            .. connection.Query<LotBalance>(
                $"SELECT {BalanceColumns} FROM lot_balance WHERE remaining > 0.000001",
                transaction: transaction
            ),
        ];

    /// <summary>A lot, used up or not; null when there never was one.</summary>
    public LotBalance? Lot(string lot) =>
        connection.QuerySingleOrDefault<LotBalance>(
            $"SELECT {BalanceColumns} FROM lot_balance WHERE lot = @lot",
            new { lot },
            transaction
        );

    /// <summary>Everything that happened to a lot, in its order.</summary>
    public IReadOnlyList<LotRow> HistoryOf(string lot) => Lines("WHERE lot = @lot", new { lot });

    /// <summary>What the sold cups of a day took out of stock so far, and what of it was put back.</summary>
    public IReadOnlyList<LotRow> TakenForSold(string day) => Lines("WHERE sold_day = @day", new { day });

    /// <summary>What was thrown away on a day or later.</summary>
    public IReadOnlyList<LotRow> ThrownSince(string day) => Lines("WHERE move = 'thrown' AND day >= @day", new { day });

    /// <summary>The lots that were counted on a day or later: for which day the last time, and when that was
    /// written.</summary>
    public IReadOnlyList<(string Lot, string Day, string At)> CountedSince(string day) =>
        [
            .. connection.Query<(string, string, string)>(
                """
                SELECT lot, day, at FROM lot_entry
                WHERE number IN (SELECT max(number) FROM lot_entry WHERE move = 'counted' AND day >= @day GROUP BY lot)
                """,
                new { day },
                transaction
            ),
        ];

    /// <summary>Everything that was ever in stock.</summary>
    public IReadOnlyList<string> ItemsInBook() =>
        [.. connection.Query<string>("SELECT DISTINCT item FROM lot_balance", transaction: transaction)];

    /// <summary>The batches of the plan that are done, of a day or later.</summary>
    public IReadOnlySet<string> DoneSince(string day) =>
        connection
            .Query<string>(
                "SELECT DISTINCT batch FROM lot_entry WHERE batch IS NOT NULL AND day >= @day",
                new { day },
                transaction
            )
            .ToHashSet();

    /// <summary>Whether a batch of the plan is done.</summary>
    public bool IsDone(string batch) =>
        connection.ExecuteScalar<long>(
            "SELECT EXISTS (SELECT 1 FROM lot_entry WHERE batch = @batch)",
            new { batch },
            transaction
        ) == 1;

    /// <summary>The line of an id; null when there is none.</summary>
    public LotRow? Entry(string id) =>
        connection.QuerySingleOrDefault<LotRow>(
            $"SELECT {LotColumns} FROM lot_entry WHERE id = @id",
            new { id },
            transaction
        );

    /// <summary>Writes a line; its number is given by the book. What is left of its lot follows.</summary>
    /// <exception cref="SqliteException">There is one of that id.</exception>
    public void Write(LotRow row)
    {
        connection.Execute(
            """
            INSERT INTO lot_entry (id, at, lot, item, move, amount, day, use_by, batch, reason, who, cost, sold_day)
            VALUES (@Id, @At, @Lot, @Item, @Move, @Amount, @Day, @UseBy, @Batch, @Reason, @Who, @Cost, @SoldDay)
            """,
            row,
            transaction
        );
        FoldBook();
    }

    /// <summary>Brings the balances up to the end of the book: what was written since they were last brought there, or
    /// all of it after a house has moved in.</summary>
    public void FoldBook()
    {
        var rows = Lines("WHERE number > (SELECT folded_to FROM lot_fold)", new { });
        if (rows.Count == 0)
        {
            return;
        }

        var balances = new Dictionary<string, LotBalance>();
        foreach (var row in rows)
        {
            var before = balances.GetValueOrDefault(row.Lot) ?? Lot(row.Lot);
            balances[row.Lot] = LotBalances.After(before, row);
        }

        connection.Execute(
            """
            INSERT INTO lot_balance (lot, item, remaining, since, opened_on, use_by, who)
            VALUES (@Lot, @Item, @Remaining, @Since, @OpenedOn, @UseBy, @Who)
            ON CONFLICT (lot) DO UPDATE SET remaining = @Remaining, opened_on = @OpenedOn, use_by = @UseBy
            """,
            balances.Values,
            transaction
        );
        connection.Execute("UPDATE lot_fold SET folded_to = @number", new { number = rows[^1].Number }, transaction);
    }

    private IReadOnlyList<LotRow> Lines(string where, object parameters) =>
        [
            .. connection.Query<LotRow>(
                $"SELECT {LotColumns} FROM lot_entry {where} ORDER BY number",
                parameters,
                transaction
            ),
        ];

    /// <summary>How many lots a prefix names already.</summary>
    public long LotsLike(string prefix) =>
        connection.ExecuteScalar<long>(
            "SELECT count(DISTINCT lot) FROM lot_entry WHERE lot LIKE @prefix || '%'",
            new { prefix },
            transaction
        );

    /// <summary>The batches that somebody moved or began.</summary>
    public IReadOnlyList<SetBatchRow> Set() =>
        [
            .. connection.Query<SetBatchRow>(
                "SELECT key, item, grams, begin_at AS beginAt, is_begun AS isBegun, who FROM set_batch ORDER BY key",
                transaction: transaction
            ),
        ];

    /// <summary>Sets a batch.</summary>
    public void SetBatch(SetBatchRow row) =>
        connection.Execute(
            "INSERT INTO set_batch (key, item, grams, begin_at, is_begun, who) VALUES (@Key, @Item, @Grams, @BeginAt, @IsBegun, @Who) ON CONFLICT (key) DO UPDATE SET grams = @Grams, begin_at = @BeginAt, is_begun = @IsBegun, who = @Who",
            row,
            transaction
        );

    /// <summary>Leaves a batch to the plan again.</summary>
    public void LetBatch(string key) =>
        connection.Execute("DELETE FROM set_batch WHERE key = @key", new { key }, transaction);

    /// <summary>What was noted of a batch's cooling, the first first.</summary>
    public IReadOnlyList<CoolingRow> Cooling(string batch) =>
        [
            .. connection.Query<CoolingRow>(
                "SELECT batch, at, celsius, who FROM cooling_reading WHERE batch = @batch ORDER BY at, id",
                new { batch },
                transaction
            ),
        ];

    /// <summary>Notes how a batch cools.</summary>
    public void Add(CoolingRow row) =>
        connection.Execute(
            "INSERT INTO cooling_reading (batch, at, celsius, who) VALUES (@Batch, @At, @Celsius, @Who)",
            row,
            transaction
        );

    /// <summary>What the calendar has said.</summary>
    public IReadOnlyList<CalendarRow> Calendar() =>
        [
            .. connection.Query<CalendarRow>(
                "SELECT key, sequence, says, begin_at AS beginAt, ends_at AS endsAt, title, changed FROM calendar_entry ORDER BY key",
                transaction: transaction
            ),
        ];

    /// <summary>Keeps what the calendar says.</summary>
    public void Say(CalendarRow row) =>
        connection.Execute(
            "INSERT INTO calendar_entry (key, sequence, says, begin_at, ends_at, title, changed) VALUES (@Key, @Sequence, @Says, @BeginAt, @EndsAt, @Title, @Changed) ON CONFLICT (key) DO UPDATE SET sequence = @Sequence, says = @Says, begin_at = @BeginAt, ends_at = @EndsAt, title = @Title, changed = @Changed",
            row,
            transaction
        );
}
