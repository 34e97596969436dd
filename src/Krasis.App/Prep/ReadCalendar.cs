using System.Text;
using Krasis.App.Shared;
using Krasis.Core.Planning.Plans;
using Krasis.Exchange.Prep;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Values;

namespace Krasis.App.Prep;

/// <summary>Writes the plan as a calendar that other programs read again and again. What has changed since it was last
/// told has a higher sequence number, and what is no longer planned is called off.</summary>
/// <remarks>Reading never writes: what was told is written down afterwards, by <see cref="ToldCalendar"/>.</remarks>
public sealed class ReadCalendar(KrasisFile file, StandardNeeds standards, ToldCalendar told, TimeProvider clock)
    : IUseCase
{
    // A batch that is over stays in the calendar as it was.
    private static readonly TimeSpan KeptFor = TimeSpan.FromDays(60);

    // What the entry of a batch that is ready is called by, after the batch, and how long it is.
    private const string Ready = "!ready";
    private const int ReadyMinutes = 5;

    /// <summary>Writes it.</summary>
    public async Task<Result<byte[]>> Run()
    {
        await told.Settled.ConfigureAwait(false);
        var now = clock.GetUtcNow();
        var (rows, news) = file.Read(session => Rows(session, now));
        if (news.Count > 0)
        {
            told.Note(news);
        }

        var entries = rows.Where(row => Timestamp.Read(row.EndsAt) > now - KeptFor)
            .OrderBy(row => row.Key, StringComparer.Ordinal)
            .Select(Entry);
        return Encoding.UTF8.GetBytes(PrepCalendar.Write(entries, "Prep"));
    }

    // What the calendar says now, and what of it was never told like this.
    private (IReadOnlyList<CalendarRow> All, IReadOnlyList<CalendarRow> News) Rows(Session session, DateTimeOffset now)
    {
        var kitchen = Kitchen.Of(session, standards, clock);
        var rows = session.Prep.Calendar().ToDictionary(row => row.Key);
        var news = new List<CalendarRow>();
        var planned = PrepPlanner
            .Draw(kitchen.Input(session))
            .Batches.Where(batch => batch.Begin is not null)
            .SelectMany(batch => RowsOf(kitchen, batch, now))
            .ToDictionary(row => row.Key);
        foreach (var row in planned.Values)
        {
            Tell(row);
        }

        // What is no longer planned and was still to come is called off; what is done was done.
        var gone = rows.Values.Where(row =>
            !planned.ContainsKey(row.Key)
            && Timestamp.Read(row.BeginAt) > now
            && !IsOff(row)
            && !session.Prep.IsDone(row.Key.Split(Ready)[0])
        );
        foreach (var row in gone.ToList())
        {
            Tell(row with { Says = "", Changed = Timestamp.Write(now) });
        }

        return ([.. rows.Values], news);

        void Tell(CalendarRow row)
        {
            if (rows.TryGetValue(row.Key, out var was))
            {
                if ((was.Says, was.BeginAt, was.EndsAt, was.Title) == (row.Says, row.BeginAt, row.EndsAt, row.Title))
                {
                    return;
                }

                row = row with { Sequence = was.Sequence + 1 };
            }

            rows[row.Key] = row;
            news.Add(row);
        }
    }

    // A batch that steeps, cools or rests gets a second entry for when it is ready: somebody must strain it or put it
    // away.
    private static IEnumerable<CalendarRow> RowsOf(Kitchen kitchen, PlannedBatch batch, DateTimeOffset now)
    {
        var row = Row(kitchen, batch, now);
        yield return row;
        if (batch.Wait > 0)
        {
            yield return row with
            {
                Key = row.Key + Ready,
                Title = $"Ready: {row.Title}",
                Says = batch.UseBy is { } day
                    ? $"Begun {PlanWords.Moment(kitchen.Clock.Plan, batch.Begin!.Value)}; use by {PlanWords.Day(day)}."
                    : $"Begun {PlanWords.Moment(kitchen.Clock.Plan, batch.Begin!.Value)}.",
                BeginAt = Timestamp.Write(kitchen.Clock.MomentOf(batch.Ready!.Value)),
                EndsAt = Timestamp.Write(kitchen.Clock.MomentOf(batch.Ready.Value + ReadyMinutes)),
            };
        }
    }

    private static CalendarRow Row(Kitchen kitchen, PlannedBatch batch, DateTimeOffset now)
    {
        var of = string.Join(
            "\n",
            batch.Of.Select(each => $"{PlanWords.Mass(each.Grams)} {kitchen.NameOf(each.Item)}")
        );
        return new CalendarRow(
            batch.Key,
            0,
            of.Length == 0 ? $"{PlanWords.Mass(batch.Grams)} of {batch.Name}" : of,
            Timestamp.Write(kitchen.Clock.MomentOf(batch.Begin!.Value)),
            Timestamp.Write(kitchen.Clock.MomentOf(batch.Begin.Value + Math.Max(batch.Work, 1))),
            $"{batch.Name}, {PlanWords.Mass(batch.Grams)}",
            Timestamp.Write(now)
        );
    }

    private static CalendarBatch Entry(CalendarRow row) =>
        new(
            $"{row.Key.Replace('@', '-').Replace('!', '-')}@prep.krasis",
            (int)row.Sequence,
            row.Title,
            row.Says,
            Timestamp.Read(row.BeginAt),
            Timestamp.Read(row.EndsAt),
            Timestamp.Read(row.Changed),
            IsOff(row)
        );

    private static bool IsOff(CalendarRow row) => row.Says.Length == 0;
}
