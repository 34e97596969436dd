using System.Text.Json.Nodes;
using Krasis.App.Seeding;

namespace Krasis.Web.Tests.Transforming;

public sealed class TransformApiTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    private static readonly object Latte = Seeder
        .Load(Seeder.Demo, KrasisServer.Today)
        .Builds.Single(build => build.Name == "Cardamom latte");

    public static TheoryData<object> Asked =>
        [
            new
            {
                build = Latte,
                to = "serve",
                serve = "iced",
                sizes = new[] { "reed", "rush" },
            },
            new
            {
                build = Latte,
                to = "serve",
                serve = "blended",
            },
            new
            {
                build = Latte,
                to = "milk",
                ingredient = "oat-drink",
            },
            new
            {
                build = Latte,
                to = "syrup",
                line = "flavour",
                ingredient = "maple-syrup",
            },
            new
            {
                build = Latte,
                to = "lessSweet",
                percent = 50,
            },
            new { build = Latte, to = "dairyFree" },
        ];

    [Theory]
    [MemberData(nameof(Asked))]
    public async Task What_is_made_can_be_mixed_and_says_what_changed(object request)
    {
        var made = await server.Post("/api/transform", request);

        Assert.Equal(200, made.Status);
        Assert.NotEmpty(made.Json["changes"]!.AsArray());
        Assert.Equal(200, (await server.Post("/api/mix", made.Json["build"]!.ToJsonString())).Status);
    }

    private static readonly string[] Bucket = ["bucket"];

    public static TheoryData<object, string> Refused =>
        new()
        {
            { new { build = Latte, to = "gold" }, "to" },
            { new { build = Latte }, "to" },
            {
                new
                {
                    build = Latte,
                    to = "serve",
                    serve = "lukewarm",
                },
                "serve"
            },
            {
                new
                {
                    build = Latte,
                    to = "serve",
                    serve = "iced",
                    sizes = Bucket,
                },
                "sizes[0]"
            },
            {
                new
                {
                    build = Latte,
                    to = "milk",
                    ingredient = "canal-ice",
                },
                "ingredient"
            },
            {
                new
                {
                    build = Latte,
                    to = "lessSweet",
                    percent = 10,
                },
                "percent"
            },
            {
                new
                {
                    build = Latte,
                    to = "syrup",
                    line = "nobody",
                    ingredient = "maple-syrup",
                },
                "line"
            },
        };

    [Theory]
    [MemberData(nameof(Refused))]
    public async Task What_cannot_be_made_is_refused_with_the_field(object request, string field)
    {
        var answer = await server.Post("/api/transform", request);

        Assert.Equal(422, answer.Status);
        Assert.Equal(field, answer.Fields[0]);
    }

    [Fact]
    public async Task A_finding_s_mend_mends_over_HTTP()
    {
        var mocha = JsonNode.Parse(
            System.Text.Json.JsonSerializer.Serialize(
                Seeder
                    .Load(Seeder.Demo, KrasisServer.Today)
                    .Builds.Single(build => build.Name == "Cherry coconut iced mocha"),
                System.Text.Json.JsonSerializerOptions.Web
            )
        )!;
        var sheet = (await server.Post("/api/mix", mocha.ToJsonString())).Json;
        var overfull = sheet["findings"]!.AsArray().Single(finding => (string?)finding!["check"] == "overfull")!;
        var mended = await server.Post(
            "/api/edit",
            $$"""{ "build": {{mocha.ToJsonString()}}, "edit": { "mend": {{overfull["mend"]!.ToJsonString()}} } }"""
        );

        Assert.Equal(200, mended.Status);
        var after = (await server.Post("/api/mix", mended.Json["build"]!.ToJsonString())).Json;
        Assert.DoesNotContain(after["findings"]!.AsArray(), finding => (string?)finding!["check"] == "overfull");
    }

    [Fact]
    public async Task Advice_is_given_on_a_size_of_the_build()
    {
        var advice = (await server.Post("/api/advise", new { build = Latte, size = "wren" })).Json["ways"]!.AsArray();

        Assert.InRange(advice.Count, 1, 5);
        Assert.All(advice, way => Assert.NotEqual("", (string?)way!["reason"]));
        var answer = await server.Post("/api/advise", new { build = Latte, size = "bucket" });
        Assert.Equal((422, "size"), (answer.Status, answer.Fields[0]));
        Assert.Equal(
            "build.sizes",
            (await server.Post("/api/advise", new { build = new { name = "x" }, size = "wren" })).Fields[0]
        );
    }

    [Theory]
    [InlineData("to 80 mm", 200)]
    [InlineData("1:6", 200)]
    [InlineData("to the first line", 422)]
    [InlineData("to 300 mm", 422)]
    public async Task Heights_and_ratios_are_read_in_their_place(string text, int status)
    {
        var answer = await server.Post(
            "/api/quantities/read",
            new
            {
                text,
                ingredient = "farm-milk",
                measure = "ml",
                build = Latte,
                size = "plover",
                line = "milk",
            }
        );

        Assert.Equal(status, answer.Status);
        Assert.Equal(
            422,
            (
                await server.Post(
                    "/api/quantities/read",
                    new
                    {
                        text,
                        ingredient = "farm-milk",
                        measure = "ml",
                    }
                )
            ).Status
        );
    }

    [Fact]
    public async Task A_typed_quantity_is_said_in_every_measure_and_a_contradiction_objected_to()
    {
        var answer = await server.Post(
            "/api/quantities/read",
            new
            {
                text = "2 strokes = 50 ml",
                ingredient = "cardamom-syrup",
                measure = "stroke",
            }
        );

        Assert.Equal("2 strokes are not 50 ml at this bar: they are 15.2 ml.", (string?)answer.Json["objection"]);
        Assert.Contains(answer.Json["equivalents"]!.AsArray(), equivalent => (string?)equivalent!["says"] == "15.2 ml");
    }
}
