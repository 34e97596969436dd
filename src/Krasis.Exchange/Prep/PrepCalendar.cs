using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;

namespace Krasis.Exchange.Prep;

/// <summary>Batches as a calendar (iCalendar, RFC 5545).</summary>
public static class PrepCalendar
{
    /// <summary>Writes a calendar.</summary>
    /// <param name="batches">Its entries.</param>
    /// <param name="name">What it is called.</param>
    public static string Write(IEnumerable<CalendarBatch> batches, string name)
    {
        var calendar = new Calendar { ProductId = "-//Krasis//Prep//EN", Method = "PUBLISH" };
        calendar.AddProperty("X-WR-CALNAME", name);
        foreach (var batch in batches)
        {
            var entry = new CalendarEvent
            {
                Uid = batch.Uid,
                Sequence = batch.Sequence,
                Summary = batch.Title,
                Description = batch.Says,
                DtStamp = new CalDateTime(batch.Changed.UtcDateTime),
                LastModified = new CalDateTime(batch.Changed.UtcDateTime),
                Start = new CalDateTime(batch.Begin.UtcDateTime),
                End = new CalDateTime(batch.End.UtcDateTime),
                Status = batch.IsOff ? EventStatus.Cancelled : EventStatus.Confirmed,
                Transparency = TransparencyType.Opaque,
            };
            if (!batch.IsOff)
            {
                entry.Alarms.Add(
                    new Alarm
                    {
                        Action = AlarmAction.Display,
                        Description = batch.Title,
                        Trigger = new Trigger(Duration.FromMinutes(0)),
                    }
                );
            }

            calendar.Events.Add(entry);
        }

        return new CalendarSerializer().SerializeToString(calendar)!;
    }
}

/// <summary>One entry of the calendar.</summary>
/// <param name="Uid">What it is called by, for ever.</param>
/// <param name="Sequence">How often it has changed.</param>
/// <param name="Title">Its title.</param>
/// <param name="Says">What is to be done.</param>
/// <param name="Begin">When it is begun.</param>
/// <param name="End">When it is ready.</param>
/// <param name="Changed">When it last changed.</param>
/// <param name="IsOff">Whether it is no longer to be made.</param>
public sealed record CalendarBatch(
    string Uid,
    int Sequence,
    string Title,
    string Says,
    DateTimeOffset Begin,
    DateTimeOffset End,
    DateTimeOffset Changed,
    bool IsOff
);
