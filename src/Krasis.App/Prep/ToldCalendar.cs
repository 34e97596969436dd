using Krasis.App.Shared;
using Krasis.Store;
using Krasis.Store.Files;
using Krasis.Store.Prep;

namespace Krasis.App.Prep;

/// <summary>Writes down what readers of the calendar were told, one write after another and beside their
/// reading.</summary>
public sealed class ToldCalendar(KrasisFile file) : IUseCase
{
    private readonly Lock turn = new();
    private Task writing = Task.CompletedTask;

    /// <summary>Is over once what was told before is written down.</summary>
    public Task Settled
    {
        get
        {
            lock (turn)
            {
                return writing;
            }
        }
    }

    /// <summary>Notes what somebody is told now.</summary>
    public void Note(IReadOnlyList<CalendarRow> rows)
    {
        lock (turn)
        {
            writing = writing.ContinueWith(_ => Write(rows), TaskScheduler.Default);
        }
    }

    private void Write(IReadOnlyList<CalendarRow> rows)
    {
        try
        {
            file.Write(
                session =>
                {
                    var known = session.Prep.Calendar().ToDictionary(row => row.Key, row => row.Sequence);
                    return rows.Where(row => !known.TryGetValue(row.Key, out var kept) || row.Sequence > kept).ToList();
                },
                (session, news) =>
                {
                    news.ForEach(session.Prep.Say);
                    return news.Count;
                }
            );
        }
        catch (DataFileException)
        {
            // The next reader is told the same again, under the same numbers.
        }
    }
}
