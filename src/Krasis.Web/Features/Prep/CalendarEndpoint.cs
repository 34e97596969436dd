using System.Text;
using Krasis.App.Prep;
using Krasis.Core.Planning.Plans;
using Krasis.Exchange.Prep;
using Krasis.Store;
using Krasis.Store.Prep;
using Krasis.Store.Tastings;
using Krasis.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Prep;

/// <summary>The plan as a calendar that other programs take in and look at again.</summary>
internal sealed class CalendarEndpoint : IEndpoints
{
    // A batch that is over stays in the calendar as it was.
    private static readonly TimeSpan KeptFor = TimeSpan.FromDays(60);

    public void Map(IEndpointRouteBuilder routes) =>
        routes
            .MapGet("/api/prep/calendar.ics", Write)
            .WithTags("Prep")
            .WithSummary(
                "The batches as a calendar (iCalendar). What has changed since it was last asked for has a higher sequence number."
            )
            .Produces<string>(200, "text/calendar");

    private static FileContentHttpResult Write(KrasisFile file, StandardNeeds standards, TimeProvider clock) =>
        file.Write(session =>
        {
            var kitchen = Kitchen.Of(session, standards, clock);
            var (now, known) = (clock.GetUtcNow(), session.Prep.Calendar().ToDictionary(row => row.Key));
            var planned = PrepPlanner
                .Draw(kitchen.Input(session))
                .Batches.Where(batch => batch.Begin is not null)
                .ToList();
            foreach (var batch in planned)
            {
                var of = string.Join(
                    "\n",
                    batch.Of.Select(each => $"{PlanWords.Mass(each.Grams)} {kitchen.NameOf(each.Item)}")
                );
                var row = new CalendarRow(
                    batch.Key,
                    0,
                    of.Length == 0 ? $"{PlanWords.Mass(batch.Grams)} of {batch.Name}" : of,
                    TastingStore.Written(kitchen.Clock.MomentOf(batch.Begin!.Value)),
                    TastingStore.Written(kitchen.Clock.MomentOf(batch.Begin.Value + Math.Max(batch.Work, 1))),
                    $"{batch.Name}, {PlanWords.Mass(batch.Grams)}",
                    TastingStore.Written(now)
                );
                Keep(row);
            }

            // What is no longer planned and was still to come is called off; what is done was done.
            foreach (
                var gone in known.Values.Where(row =>
                    !planned.Any(batch => batch.Key == row.Key)
                    && TastingStore.Read(row.BeginAt) > now
                    && !IsOff(row)
                    && !kitchen.Book.Any(line => line.Batch == row.Key)
                )
            )
            {
                Keep(gone with { Says = "", Changed = TastingStore.Written(now) });
            }

            var entries = session
                .Prep.Calendar()
                .Where(row => TastingStore.Read(row.EndsAt) > now - KeptFor)
                .Select(row => new CalendarBatch(
                    $"{row.Key.Replace('@', '-')}@prep.krasis",
                    (int)row.Sequence,
                    row.Title,
                    row.Says,
                    TastingStore.Read(row.BeginAt),
                    TastingStore.Read(row.EndsAt),
                    TastingStore.Read(row.Changed),
                    IsOff(row)
                ));
            return TypedResults.File(
                Encoding.UTF8.GetBytes(PrepCalendar.Write(entries, "Prep")),
                "text/calendar; charset=utf-8",
                "krasis-prep.ics"
            );

            void Keep(CalendarRow row)
            {
                if (!known.TryGetValue(row.Key, out var was))
                {
                    session.Prep.Say(row);
                }
                else if (
                    (was.Says, was.BeginAt, was.EndsAt, was.Title) != (row.Says, row.BeginAt, row.EndsAt, row.Title)
                )
                {
                    session.Prep.Say(row with { Sequence = was.Sequence + 1 });
                }
            }
        });

    private static bool IsOff(CalendarRow row) => row.Says.Length == 0;
}
