using Krasis.Core.Bar.Ingredients;
using Krasis.Core.Planning.Needing;
using Krasis.Core.Planning.Preparing;
using Krasis.Store;
using Krasis.Web.Features.Tastings;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Prep;

/// <summary>How the house prepares.</summary>
internal static class SettingsEndpoints
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        var prep = routes.MapGroup("/api/prep/settings").WithTags("Prep");
        prep.MapGet("", (KrasisFile file, StandardNeeds standards, TimeProvider clock) =>
                TypedResults.Ok(file.Read(session => View(session, standards, clock)))
            )
            .WithSummary("How the house prepares, and what it could make and buy.");
        prep.MapPut("", Save).WithSummary("Keep how the house prepares.").Fails(400, 412, 413, 422, 428);
    }

    private static PrepSettingsView View(Session session, StandardNeeds standards, TimeProvider clock)
    {
        var kitchen = Kitchen.Of(session, standards, clock);
        var coffees = kitchen
            .BarDocument.Parts.Where(part => part.Id is not null)
            .ToDictionary(part => part.Id!, part => part.ShelfLifeDays);
        return new PrepSettingsView(
            ETags.Of(kitchen.Version, session),
            kitchen.Document,
            [
                .. kitchen
                    .Catalogue.Values.Where(item => item.Item.Kind == ItemKind.Ingredient)
                    .Select(item => new CanMakeView(
                        item.Item.Id,
                        item.Name,
                        item.Of.Count > 0,
                        coffees.GetValueOrDefault(item.Item.Id)
                    ))
                    .OrderBy(each => each.IsMade ? 0 : 1)
                    .ThenBy(each => each.Name, StringComparer.Ordinal),
            ],
            [
                .. kitchen
                    .Catalogue.Values.Where(item => !item.IsMade)
                    .Select(item => new CanBuyView(
                        item.Item.ToString(),
                        item.Name,
                        item.Item.Kind == ItemKind.Cup,
                        item.PackSays
                    ))
                    .OrderBy(each => each.Name, StringComparer.Ordinal),
            ],
            [
                .. kitchen
                    .Facts.Kinds.Select(kind =>
                        (
                            kind,
                            Learned: kitchen.Learner.FactorOf(day =>
                                kitchen.Kinds.GetValueOrDefault(Kitchen.Written(day)) == kind.Id
                            )
                        )
                    )
                    .Where(each => each.Learned is not null)
                    .Select(each => new LearnedKindView(
                        each.kind.Id,
                        each.Learned!.Value.Factor * 100,
                        each.Learned.Value.Spread * 100,
                        each.Learned.Value.Days
                    )),
            ],
            DateMarking.MostChilledDays
        );
    }

    private static Results<Ok<PrepSettingsView>, ProblemResult> Save(
        PrepDocument document,
        HttpRequest request,
        KrasisFile file,
        StandardNeeds standards,
        TimeProvider clock
    )
    {
        if (IfMatch.Of(request) is not { } expected)
        {
            return ProblemResult.Unconditional();
        }

        var read = PrepReader.Read(document);
        return !read.IsRead
            ? ProblemResult.Fields(read.Problems)
            : file.Write<Results<Ok<PrepSettingsView>, ProblemResult>>(session =>
                session.Prep.Save(expected.In(session), Tasted.Write(document)) == SaveOutcome.Saved
                    ? TypedResults.Ok(View(session, standards, clock))
                    : ProblemResult.Stale("way to prepare")
            );
    }
}

/// <summary>How the house prepares.</summary>
/// <param name="Etag">Its version.</param>
/// <param name="Document">It.</param>
/// <param name="CanMake">What a batch can be of: first what the house makes already.</param>
/// <param name="CanBuy">What can be bought.</param>
/// <param name="Learned">What sales tell of sorts of days.</param>
/// <param name="MostChilledDays">How many days cold food keeps at the most.</param>
public sealed record PrepSettingsView(
    string Etag,
    PrepDocument Document,
    IReadOnlyList<CanMakeView> CanMake,
    IReadOnlyList<CanBuyView> CanBuy,
    IReadOnlyList<LearnedKindView> Learned,
    int MostChilledDays
);

/// <summary>What a batch can be of.</summary>
/// <param name="Id">The id of the ingredient.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="IsMade">Whether it is known what goes into it.</param>
/// <param name="KeepsDays">How many days it keeps, as the part says; null where it does not.</param>
public sealed record CanMakeView(string Id, string Name, bool IsMade, double? KeepsDays);

/// <summary>What can be bought.</summary>
/// <param name="Item">What, such as <c>cup:wren</c>.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="IsCup">Whether it is a cup, whose sleeve has to be said.</param>
/// <param name="Pack">What a pack is; null when not known.</param>
public sealed record CanBuyView(string Item, string Name, bool IsCup, string? Pack);

/// <summary>What sales tell of a sort of day.</summary>
/// <param name="Kind">The sort.</param>
/// <param name="Percent">What was sold, % of other such weekdays.</param>
/// <param name="Spread">How widely that scattered from day to day, percentage points.</param>
/// <param name="Days">Of how many days.</param>
public sealed record LearnedKindView(string Kind, double Percent, double Spread, int Days);
