using System.Globalization;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Store.Tastings;
using Krasis.Tasting.Documents;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Krasis.Web.Features.Tastings;

/// <summary>Turns what was found into the next trial version, and tastes it against the one before.</summary>
public static class DecisionEndpoints
{
    private const string What = "tasting";

    public static void Map(IEndpointRouteBuilder routes)
    {
        var tastings = routes.MapGroup("/api/tastings/{id}").WithTags("Tasting");
        tastings
            .MapPost("/decide", Decide)
            .WithSummary(
                "Keep the one change that follows as the build's next trial version, or that all stays as it is, with the reason."
            )
            .Fails(400, 404, 409, 413, 422);
        tastings
            .MapPost("/again", Again)
            .WithSummary(
                "Set up the tasting of the changed build against the one before, under an id of the page's own."
            )
            .Fails(400, 404, 409, 413, 422);
        tastings
            .MapPost("/practise", Practise)
            .WithSummary("Have simulated tasters answer, for practice.")
            .Fails(400, 404, 409, 413, 422);
    }

    private static Results<Ok<TastingView>, ProblemResult> Decide(
        string id,
        DecideRequest request,
        KrasisFile file,
        TimeProvider clock,
        HttpResponse response
    )
    {
        var fields = new FieldReader();
        var who = fields.Note("who", request.Who, 80) ?? "";
        var why = fields.Note("why", request.Why) ?? "";
        if (request.Line is null && why.Length == 0)
        {
            fields.Report("why", request.Why, "It is not said why all stays as it is.", "a few words");
        }

        if (fields.Problems.Count > 0)
        {
            return ProblemResult.Fields(fields.Problems);
        }

        return file.Write<Results<Ok<TastingView>, ProblemResult>>(session =>
        {
            if (session.Tastings.Find(id) is not { } stored)
            {
                return ProblemResult.Missing(What);
            }

            var tasted = Tasted.Of(stored);
            if (Outcome.Of(session, tasted) is not { } outcome || stored.State != "closed")
            {
                return TastingEndpoints.Running("Close it first: who is still tasting may change what is found.");
            }

            // Decided on another device, or the answer to this was lost: what was decided stays.
            if (tasted.Decision is { } before)
            {
                return before.Why == why && (request.Line is null) == (before.Build is null)
                    ? TypedResults.Ok(TastingEndpoints.View(session, tasted, response))
                    : ProblemResult.Conflict("It has been decided already.", before.Says ?? "All stays as it is.");
            }

            var now = clock.GetUtcNow();
            var decision = request.Line is null
                ? new TastingDecision(
                    now,
                    who,
                    why,
                    null,
                    $"All stays as it is after the tasting of {Outcome.Day(TastingStore.Read(stored.OpenedAt!), clock)}.",
                    null,
                    null,
                    null,
                    null
                )
                : Change(
                    session,
                    outcome,
                    request,
                    who,
                    why,
                    now,
                    Outcome.Day(TastingStore.Read(stored.OpenedAt!), clock)
                );
            if (decision is null)
            {
                session.Abandon();
                return ProblemResult.Conflict(
                    "That change is no longer proposed.",
                    "The build, the bar or the answers have changed. Look at the results again."
                );
            }

            session.Tastings.Decide(id, Tasted.Write(decision));
            return TypedResults.Ok(TastingEndpoints.View(session, Tasted.Of(session.Tastings.Find(id)!), response));
        });
    }

    // The change as it is proposed now, kept as the build's next version; a draft goes on trial with it.
    private static TastingDecision? Change(
        Session session,
        Outcome outcome,
        DecideRequest request,
        string who,
        string why,
        DateTimeOffset now,
        string day
    )
    {
        var ways = outcome
            .Ways(session)
            .FirstOrDefault(each => each.Sample == request.Sample && each.Scale == request.Scale);
        if (
            ways?.Ways.FirstOrDefault(way => way.Line.Value == request.Line) is not { } chosen
            || outcome.Opened.Samples[ways.Sample] is not { Build: { } id, Size: { } size }
        )
        {
            return null;
        }

        var stored = session.Builds.Find(id)!;
        var scale = outcome.Setup.Scales.Single(each => each.Code == ways.Scale);
        var figures = outcome.Result.Samples[ways.Sample].Scales.Single(each => each.Scale == scale).Figures;
        var simulated = outcome.Simulated > 0 ? " (simulated tasters)" : "";
        var found =
            $"{scale.Name} set after the tasting of {day}{simulated}: {figures.Heavier.Count} of {figures.Tasters} found it {(figures.IsMore ? scale.TooMuch : scale.TooLittle)}.";
        if (session.Builds.Update(id, stored.Version, chosen.Build, now) != SaveOutcome.Saved)
        {
            return null;
        }

        var saved = session.Builds.Find(id)!;
        if (saved.State == BuildState.Draft)
        {
            session.Builds.Move(id, saved.Version, BuildState.Trial, who, found, now);
        }

        return new TastingDecision(
            now,
            who,
            why,
            chosen.Says,
            found,
            id,
            saved.SavedVersion,
            stored.SavedVersion,
            size
        );
    }

    private static Results<Ok<TastingView>, ProblemResult> Again(
        string id,
        AgainRequest request,
        KrasisFile file,
        TimeProvider clock,
        HttpResponse response
    )
    {
        if (GivenId.Refusal("as", request.As, "No page calls a tasting so.") is { } refusal)
        {
            return ProblemResult.Fields([refusal]);
        }

        var next = request.As!;

        return file.Write<Results<Ok<TastingView>, ProblemResult>>(session =>
        {
            if (session.Tastings.Find(id) is not { } stored)
            {
                return ProblemResult.Missing(What);
            }

            var tasted = Tasted.Of(stored);
            if (
                tasted.Decision
                is not { Build: { } build, Version: { } version, Before: { } before, Size: { } size } decision
            )
            {
                return TastingEndpoints.Running(
                    "Nothing was changed because of it that could be tasted against what was before."
                );
            }

            if (session.Tastings.Find(next) is null)
            {
                var document = tasted.Document with
                {
                    Name = Shortened($"{tasted.Document.Name}, again"),
                    Again = id,
                    Seed = (tasted.Document.Seed ?? 1) + 1,
                    Samples =
                    [
                        new SampleDocument
                        {
                            Build = build,
                            Place = Place(before),
                            Size = size,
                        },
                        new SampleDocument
                        {
                            Build = build,
                            Place = Place(version),
                            Size = size,
                        },
                    ],
                    Conditions = new ConditionsDocument(),
                };
                session.Tastings.Add(next, Tasted.Write(document), clock.GetUtcNow());
            }

            return TypedResults.Ok(TastingEndpoints.View(session, Tasted.Of(session.Tastings.Find(next)!), response));
        });
    }

    private static Results<Ok<TastingView>, ProblemResult> Practise(
        string id,
        PractiseRequest request,
        KrasisFile file,
        TimeProvider clock,
        HttpResponse response
    )
    {
        var fields = new FieldReader();
        var tasters = fields.Whole("tasters", request.Tasters ?? 12, 1, TastingSetup.MostTasters, "tasters");
        var percent = fields.Number("percent", request.Percent ?? 0, -60, 100, "%");
        if (request.Scale is not null && JarScale.All.All(scale => scale.Code != request.Scale))
        {
            fields.Report(
                "scale",
                request.Scale,
                "There is no such scale.",
                string.Join(", ", JarScale.All.Select(scale => scale.Code))
            );
        }

        if (fields.Problems.Count > 0)
        {
            return ProblemResult.Fields(fields.Problems);
        }

        return file.Write<Results<Ok<TastingView>, ProblemResult>>(session =>
        {
            if (session.Tastings.Find(id) is not { } stored)
            {
                return ProblemResult.Missing(What);
            }

            var tasted = Tasted.Of(stored);
            if (stored.State != "open")
            {
                return TastingEndpoints.Running("Only while it is open can anybody taste, simulated or not.");
            }

            // Who is made up is not mixed with who is not.
            var come = session.Tastings.Tasters(id);
            if (come.Any(taster => taster.IsSimulated == 0))
            {
                return TastingEndpoints.Running("Real tasters have come: simulated ones would spoil what they say.");
            }

            if (come.Count + tasters > TastingSetup.MostTasters)
            {
                return TastingEndpoints.Running($"There is room for {TastingSetup.MostTasters} tasters.");
            }

            Practice.Fill(
                session,
                tasted,
                tasters,
                request.Scale is { } scale
                    ? new Dictionary<string, double> { [scale] = percent }
                    : new Dictionary<string, double>(),
                tasted.Setup!.Seed,
                clock.GetUtcNow()
            );
            return TypedResults.Ok(TastingEndpoints.View(session, Tasted.Of(session.Tastings.Find(id)!), response));
        });
    }

    private static string Place(long version) => $"v{version.ToString(CultureInfo.InvariantCulture)}";

    private static string Shortened(string name) => name.Length <= 120 ? name : name[..120];
}

/// <summary>What is decided.</summary>
/// <param name="Sample">The sample's place, where something is changed.</param>
/// <param name="Scale">The scale because of which.</param>
/// <param name="Line">The line that is changed; null where all stays as it is.</param>
/// <param name="Who">Who decided.</param>
/// <param name="Why">Why.</param>
public sealed record DecideRequest(int? Sample, string? Scale, string? Line, string? Who, string? Why);

/// <summary>Under which id the next tasting is set up.</summary>
/// <param name="As">The id.</param>
public sealed record AgainRequest(string? As);

/// <summary>What the simulated tasters are like.</summary>
/// <param name="Tasters">How many; 12 when it is missing.</param>
/// <param name="Scale">On which scale they would have it otherwise; missing where they would have the first sample as
/// it is.</param>
/// <param name="Percent">By how much, %.</param>
public sealed record PractiseRequest(int? Tasters, string? Scale, double? Percent);
