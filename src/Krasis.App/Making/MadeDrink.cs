using Krasis.App.Shared;
using Krasis.Core.Bar;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Input;
using Krasis.Core.Judging;
using Krasis.Core.Judging.Findings;
using Krasis.Core.Making;
using Krasis.Store;

namespace Krasis.App.Making;

/// <summary>A drink as it is made: a standard with the facts that it was published with, or a trial with
/// today's.</summary>
/// <param name="Id">The build's id.</param>
/// <param name="Standard">Which of its standards it is; null on trial.</param>
/// <param name="At">When it was published, or last saved where it is on trial.</param>
/// <param name="IsLast">Whether no later standard has been published.</param>
/// <param name="State">How far the build has come by now.</param>
/// <param name="Build">The drink, as the guest asks for it.</param>
/// <param name="Bar">The facts that it is made by.</param>
/// <param name="Wishes">What can be asked for of the standard.</param>
/// <param name="Changes">What is different about it from the standard; none where nothing was asked for.</param>
/// <param name="Frozen">What was recorded of the standard; null on trial, and where something was asked for.</param>
public sealed record MadeDrink(
    string Id,
    long? Standard,
    DateTimeOffset At,
    bool IsLast,
    BuildState State,
    Build Build,
    BarFacts Bar,
    PossibleWishes Wishes,
    IReadOnlyList<Change> Changes,
    FrozenStandard? Frozen
)
{
    /// <summary>How every size is made at a station: of a standard as it was recorded when it was published; of a trial,
    /// and of what a guest asks for, as it is worked out now.</summary>
    /// <param name="station">The station's id; null for the one where standards are set.</param>
    public Reading<IReadOnlyList<MakingPlan>> PlanAt(string? station) =>
        Frozen?.PlansAt(station) is { } plans
            ? Reading<IReadOnlyList<MakingPlan>>.Of(plans)
            : Planner.Plan(Build, Bar, station);

    /// <summary>The sheet: of a standard as it was recorded, otherwise as it is worked out now.</summary>
    public BuildSheet Sheet => Frozen?.Sheet ?? Mixer.Mix(Build, Bar);

    /// <summary>Finds the drink that a request names.</summary>
    /// <param name="session">The file.</param>
    /// <param name="asked">The drink, as the request names it.</param>
    public static (MadeDrink? Drink, Refusal? Problem) Find(Session session, DrinkRequest asked)
    {
        var wish = (asked.Wish ?? new()).Read();
        return wish.IsRead
            ? Find(session, asked.Build ?? "", asked.Standard, wish.Value)
            : (null, Refusal.Fields(wish.Problems));
    }

    /// <summary>Finds it.</summary>
    /// <param name="session">The file.</param>
    /// <param name="id">The build's id.</param>
    /// <param name="standard">Which of its standards; null for the last, and for the build as it is saved where it is
    /// on trial.</param>
    /// <param name="wish">What a guest asks for.</param>
    public static (MadeDrink? Drink, Refusal? Problem) Find(Session session, string id, long? standard, GuestWish wish)
    {
        if (session.Builds.Find(id) is not { } build)
        {
            return (null, Refusal.Missing("build"));
        }

        var last = session.Standards.Last(id);
        var wanted =
            standard is { } number ? session.Standards.Find(id, number)
            : build.State == BuildState.Trial ? null
            : last;
        if (standard is not null && wanted is null)
        {
            return (null, Refusal.Missing("standard"));
        }

        if (wanted is null && build.State != BuildState.Trial)
        {
            return (
                null,
                Refusal.Conflict(
                    $"'{build.Document.Name}' is not made at the bar yet.",
                    "Put it on trial or publish it first: what is still being written is not handed to anybody."
                )
            );
        }

        // What a guest asks for may be nothing that the standard rests on.
        var frozen = wanted is null ? session.Bar.Facts() : BarReader.Read(wanted.Bar).Value;
        var more =
            wanted is null ? frozen
            : BarReader.Read(BarOver.Lay(wanted.Bar, session.Bar.Whole())) is { IsRead: true } laid ? laid.Value
            : frozen;
        var facts = wish.IsNone ? frozen : more;
        var document = wanted?.Document ?? build.Document;
        if (!BuildReader.Read(document, frozen).IsRead)
        {
            return (null, Unreadable(document, frozen));
        }

        var wishes = GuestWishes.Possible(document, more);
        IReadOnlyList<Change> changes = [];
        if (!wish.IsNone)
        {
            var granted = GuestWishes.Grant(document, wish, facts);
            if (!granted.IsRead)
            {
                return (null, Refusal.Fields(granted.Problems));
            }

            (document, changes) = (granted.Value.Build, granted.Value.Changes);
        }

        var reading = BuildReader.Read(document, facts);
        return reading.IsRead
            ? (
                new MadeDrink(
                    id,
                    wanted?.Number,
                    wanted?.Published.At ?? build.UpdatedAt,
                    wanted is not null && wanted.Number == last?.Number,
                    build.State,
                    reading.Value,
                    facts,
                    wishes,
                    changes,
                    wish.IsNone ? wanted?.Frozen : null
                ),
                null
            )
            : (null, Unreadable(document, facts));
    }

    private static Refusal Unreadable(BuildDocument document, BarFacts bar) =>
        Refusal.Conflict(
            $"'{document.Name}' cannot be worked out now.",
            BuildReader.Read(document, bar).Problems[0].Message
        );
}
