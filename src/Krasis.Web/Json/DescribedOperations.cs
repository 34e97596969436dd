using System.Globalization;
using Krasis.Web.Problems;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace Krasis.Web.Json;

/// <summary>Describes what every operation of the API has in common: a name, its parameters in words, the version that it
/// changes, and the problems that any request can meet.</summary>
internal static class DescribedOperations
{
    // The same word means the same in every address.
    private static readonly Dictionary<string, string> Parameters = new()
    {
        ["id"] = "The id of what the address names.",
        ["version"] = "The number of a save, from 1.",
        ["number"] = "The number of a standard of the build, from 1.",
        ["standard"] = "The number of a standard; missing for the last.",
        ["from"] = "Where it begins: for a comparison ID@now, ID@v3 (a save) or ID@s1 (a standard); otherwise a day.",
        ["to"] = "What it is compared with: ID@now, ID@v3 (a save) or ID@s1 (a standard).",
        ["side"] = "ID@now@CUP, ID@v3@CUP or ID@s1@CUP, two to six times; without a cup the reference size.",
        ["text"] = "Words that are looked for.",
        ["build"] = "The id of a build.",
        ["station"] = "The id of a station; missing for the one where standards are set.",
        ["milk"] = "The id of another milk that the guest asks for.",
        ["sweet"] = "How sweet the guest asks for it, % of the standard.",
        ["shots"] = "How many shots more the guest asks for; below zero for fewer.",
        ["decaf"] = "Whether the guest asks for decaffeinated coffee.",
        ["halfCaf"] = "Whether the guest asks for half of the shots decaffeinated.",
        ["strokes"] = "1 or -1: a stroke of the first flavour more or less.",
        ["syrup"] = "The id of another syrup that the guest asks for.",
        ["ice"] = "How much ice the guest asks for.",
        ["heat"] = "How hot the guest asks for the milk.",
        ["biggerCup"] = "Whether the guest asks for it in the next larger cup.",
        ["noTop"] = "Whether the guest asks for it without its topping.",
        ["path"] = "The page of Krasis that the code leads to.",
        ["letter"] = "Whether it is for Letter paper; otherwise for A4.",
        ["device"] = "What the taster's device calls its seat: 16 to 40 of 0 to 9, a to f and hyphens.",
        ["name"] = "The name of a file, a schema or a table.",
        ["asked"] = "The id that the build is to have: sent again under it, it is kept once.",
        ["key"] = "What the plan calls a batch, or the key of a file that was sent to be looked through.",
        ["grams"] = "How much is made, g, 1 to 1,000,000.",
        ["celsius"] = "How warm the batch is, °C, -40 to 120.",
        ["days"] = "How many days.",
        ["day"] = "The day, as 2026-11-25.",
        ["lot"] = "The number of a lot, as 261127-02.",
        ["byItself"] = "Whether the page saves it without being asked.",
        ["page"] = "What the open page calls itself: saves of two pages are never folded in the history.",
        ["ml"] = "How much milk, ml.",
    };

    public static Task Describe(
        OpenApiOperation operation,
        OpenApiOperationTransformerContext context,
        CancellationToken cancellation
    )
    {
        operation.OperationId ??= NameOf(context.Description.HttpMethod!, context.Description.RelativePath!);
        foreach (var parameter in operation.Parameters?.OfType<OpenApiParameter>() ?? [])
        {
            parameter.Description ??= Parameters.GetValueOrDefault(parameter.Name ?? "");
        }

        operation.Responses ??= [];
        if (operation.Responses.ContainsKey(Text(StatusCodes.Status428PreconditionRequired)))
        {
            var mayBeNew = context.Description.ActionDescriptor.EndpointMetadata.OfType<MayBeNew>().Any();
            TellVersion(operation, isRequired: !mayBeNew);
        }

        Add(
            operation,
            StatusCodes.Status403Forbidden,
            "The request comes under a name, or from a page, that is not Krasis's."
        );
        Add(
            operation,
            StatusCodes.Status503ServiceUnavailable,
            "The data file cannot be used now; the problem says why."
        );
        if (context.Description.HttpMethod != HttpMethods.Get)
        {
            Add(operation, StatusCodes.Status507InsufficientStorage, "The disk is full: nothing was saved.");
        }

        return Task.CompletedTask;
    }

    private static void TellVersion(OpenApiOperation operation, bool isRequired)
    {
        operation.Parameters ??= [];
        operation.Parameters.Add(
            new OpenApiParameter
            {
                Name = "If-Match",
                In = ParameterLocation.Header,
                Required = isRequired,
                Description =
                    "The ETag of the version that is changed; a list of them, or * for any (RFC 9110, 13.1.1). Missing: 428; another version: 412.",
                Schema = new OpenApiSchema { Type = JsonSchemaType.String },
            }
        );
        foreach (var (status, response) in operation.Responses!)
        {
            if (status.StartsWith('2') && status != "204" && response is OpenApiResponse answered)
            {
                answered.Headers ??= new Dictionary<string, IOpenApiHeader>();
                answered.Headers["ETag"] = new OpenApiHeader
                {
                    Description = "The version that is kept now, to be sent as If-Match with the next change.",
                    Schema = new OpenApiSchema { Type = JsonSchemaType.String },
                };
            }
        }
    }

    private static void Add(OpenApiOperation operation, int status, string description) =>
        operation.Responses!.TryAdd(
            Text(status),
            new OpenApiResponse
            {
                Description = description,
                Content = new Dictionary<string, OpenApiMediaType>
                {
                    ["application/problem+json"] = new() { Schema = new OpenApiSchemaReference(nameof(KrasisProblem)) },
                },
            }
        );

    // GET /api/files/house.krasis: GetFilesHouseKrasis.
    private static string NameOf(string method, string path) =>
        string.Concat(
            new[] { method.ToLowerInvariant() }
                .Concat(path.Split('/', '.', '{', '}', '-').Where(word => word is not ("" or "api")))
                .Select(word => char.ToUpperInvariant(word[0]) + word[1..])
        );

    private static string Text(int status) => status.ToString(CultureInfo.InvariantCulture);
}
