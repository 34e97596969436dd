using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using Krasis.App.Files;
using Krasis.Exchange.Bundles;
using Krasis.Store;
using Krasis.Store.House;
using Krasis.Web.Hosting;
using Krasis.Web.Problems;

namespace Krasis.Web.Features.Files;

/// <summary>Says what the documents of a bundle look like: JSON Schemas (2020-12), made from the types and tables that
/// write them.</summary>
internal sealed class SchemaEndpoints : IEndpoints
{
    private const string Type = "application/schema+json";
    private const string Draft = "https://json-schema.org/draft/2020-12/schema";

    public void Map(IEndpointRouteBuilder routes)
    {
        var schemas = routes.MapGroup("/schemas").WithTags("Files");
        schemas
            .MapGet("", (KrasisFile file) => TypedResults.Ok<IReadOnlyList<string>>([.. All(file).Keys]))
            .WithSummary("What the schemas are called.");
        schemas
            .MapGet("/{name}.json", (string name, KrasisFile file) =>
                All(file).TryGetValue(name, out var make)
                    ? Results.Text(make().ToJsonString(new JsonSerializerOptions { WriteIndented = true }), Type)
                    : ProblemResult.Missing("schema")
            )
            .WithSummary("A schema of a bundle's documents.")
            .Produces(200, contentType: Type)
            .Fails(404);
    }

    private static Dictionary<string, Func<JsonObject>> All(KrasisFile file)
    {
        var all = new Dictionary<string, Func<JsonObject>>(StringComparer.Ordinal)
        {
            [$"manifest-{BundleManifest.Newest}"] = () => Of<BundleManifest>($"manifest-{BundleManifest.Newest}"),
            [BundledBuild.Newest] = () => Of<BundledBuild>(BundledBuild.Newest),
            [BundledBar.Newest] = () => Of<BundledBar>(BundledBar.Newest),
        };
        foreach (var table in HouseStore.Tables)
        {
            var name = string.Create(CultureInfo.InvariantCulture, $"{table}-{KrasisFile.Version}");
            all[name] = () => OfTable(name, table, file.Read(session => session.House.Columns(table)));
        }

        return all;
    }

    private static JsonObject Of<T>(string name)
    {
        var schema = BundleJson
            .Options.GetJsonSchemaAsNode(
                typeof(T),
                new JsonSchemaExporterOptions { TreatNullObliviousAsNonNullable = true }
            )
            .AsObject();
        return Headed(
            name,
            [.. schema.ToList().Select(pair => KeyValuePair.Create(pair.Key, pair.Value?.DeepClone()))]
        );
    }

    private static JsonObject OfTable(string name, string table, IReadOnlyList<HouseColumn> columns) =>
        Headed(
            name,
            [
                KeyValuePair.Create<string, JsonNode?>("type", "object"),
                KeyValuePair.Create<string, JsonNode?>(
                    "properties",
                    new JsonObject
                    {
                        ["schema"] = new JsonObject { ["const"] = name },
                        ["table"] = new JsonObject { ["const"] = table },
                        ["rows"] = new JsonObject
                        {
                            ["type"] = "array",
                            ["items"] = new JsonObject
                            {
                                ["type"] = "object",
                                ["properties"] = new JsonObject(
                                    columns.Select(column =>
                                        KeyValuePair.Create<string, JsonNode?>(column.Name, Column(column))
                                    )
                                ),
                                ["required"] = new JsonArray([
                                    .. columns
                                        .Where(column => !column.IsNullable)
                                        .Select(column => (JsonNode)column.Name),
                                ]),
                                ["additionalProperties"] = false,
                            },
                        },
                    }
                ),
                KeyValuePair.Create<string, JsonNode?>("required", new JsonArray("schema", "table", "rows")),
                KeyValuePair.Create<string, JsonNode?>("additionalProperties", false),
            ]
        );

    private static JsonObject Column(HouseColumn column) =>
        column switch
        {
            { IsDocument: true } => new JsonObject { ["type"] = new JsonArray("object", "array") },
            { Type: "INTEGER" } => new JsonObject { ["type"] = "integer" },
            { Type: "REAL" } => new JsonObject { ["type"] = "number" },
            _ => new JsonObject { ["type"] = "string" },
        };

    private static JsonObject Headed(string name, IReadOnlyList<KeyValuePair<string, JsonNode?>> rest) =>
        new([
            KeyValuePair.Create<string, JsonNode?>("$schema", Draft),
            KeyValuePair.Create<string, JsonNode?>("$id", $"/schemas/{name}.json"),
            .. rest,
        ]);
}
