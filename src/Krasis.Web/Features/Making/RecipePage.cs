using System.Globalization;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json.Nodes;
using Krasis.App.Making;
using Krasis.Core.Changing.Transforming;
using Krasis.Core.Making;
using Krasis.Core.Making.Telling;
using Krasis.Exchange.Linked;
using Krasis.Store;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Making;

/// <summary>A page of a standard to be printed or sent, that programs can read too: schema.org's Recipe stands in it as
/// JSON-LD.</summary>
internal sealed class RecipePage : IEndpoints
{
    private const string LinkedData = "application/ld+json";

    public void Map(IEndpointRouteBuilder routes)
    {
        routes
            .MapGet("/recipes/{id}", (string id, KrasisFile file) => Answer(file, id, Html, "text/html"))
            .WithTags("Making")
            .WithSummary("How a standard is made, as a page to be printed.")
            .Produces(200, contentType: "text/html")
            .Fails(404, 409, 422);
        routes
            .MapGet("/api/builds/{id}/recipe.jsonld", (string id, KrasisFile file) =>
                Answer(file, id, told => told.Linked.ToJsonString(), LinkedData)
            )
            .WithTags("Making")
            .WithSummary("How a standard is made, as schema.org's Recipe in JSON-LD.")
            .Produces(200, contentType: LinkedData)
            .Fails(404, 409, 422);
    }

    private static IResult Answer(KrasisFile file, string id, Func<Told, string> write, string type)
    {
        var (drink, problem) = Find(file, id);
        return drink is null ? problem! : Results.Content(write(drink), $"{type}; charset=utf-8");
    }

    private static (Told? Drink, ProblemResult? Problem) Find(KrasisFile file, string id)
    {
        var (drink, problem) = file.Read(session => MadeDrink.Find(session, id, null, new GuestWish()));
        if (drink is null)
        {
            return (null, ProblemResult.Of(problem!));
        }

        var plans = drink.PlanAt(null);
        return plans.IsRead
            ? (new Told(plans.Value, LinkedRecipe.Of(plans.Value, drink.Sheet.Sizes, drink.At), drink.Standard), null)
            : (null, ProblemResult.Fields(plans.Problems));
    }

    private static string Html(Told told)
    {
        var (plans, name) = (told.Plans, HtmlEncoder.Default.Encode(told.Plans[0].Drink));
        var page = new StringBuilder();
        page.Append(
            CultureInfo.InvariantCulture,
            $"<!doctype html>\n<html lang=\"en\">\n<head>\n<meta charset=\"utf-8\">\n<meta name=\"viewport\" content=\"width=device-width\">\n<title>{name}</title>\n"
        );
        page.Append(
            "<style>body{font:1rem/1.5 system-ui,sans-serif;max-width:44rem;margin:1.5rem auto;padding:0 1rem;color:#17242a;background:#fff}h2{margin:1.2rem 0 .2rem;break-after:avoid}ol{margin:0;padding-left:1.6rem}li{break-inside:avoid}@media print{body{margin:0}}</style>\n"
        );
        page.Append(
            CultureInfo.InvariantCulture,
            $"<script type=\"{LinkedData}\">{told.Linked.ToJsonString()}</script>\n</head>\n<body>\n<main>\n<h1>{name}</h1>\n"
        );
        page.Append(
            told.Standard is { } number
                ? $"<p>Standard {number.ToString(CultureInfo.InvariantCulture)}</p>\n"
                : "<p>On trial</p>\n"
        );
        foreach (var plan in plans)
        {
            page.Append(
                CultureInfo.InvariantCulture,
                $"<section>\n<h2>{HtmlEncoder.Default.Encode(plan.SizeName)} <small>{HtmlEncoder.Default.Encode(KitchenAmount.Of(plan.Cup.BrimCapacity, KitchenWords.Metric))} to the brim</small></h2>\n<ol>\n"
            );
            foreach (var step in plan.Steps)
            {
                page.Append(
                    CultureInfo.InvariantCulture,
                    $"<li>{HtmlEncoder.Default.Encode(RecipeText.Line(step, KitchenWords.Metric))}</li>\n"
                );
            }

            page.Append("</ol>\n</section>\n");
        }

        foreach (var caution in RecipeText.Told(plans))
        {
            page.Append(CultureInfo.InvariantCulture, $"<p>{HtmlEncoder.Default.Encode(caution)}</p>\n");
        }

        return page.Append("</main>\n</body>\n</html>\n").ToString();
    }

    private sealed record Told(IReadOnlyList<MakingPlan> Plans, JsonObject Linked, long? Standard);
}
