using System.Text.Json.Nodes;
using Krasis.Store;
using Krasis.Web.Hosting;
using Microsoft.AspNetCore.Builder;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Http;
using Microsoft.Extensions.Logging;

namespace Krasis.Web.Tests.Mixing;

/// <summary>A sheet that was worked out once is not worked out again, unless something has changed that it rests
/// on.</summary>
public sealed class SameAnswerTests(KrasisServer server) : IClassFixture<KrasisServer>
{
    [Fact]
    public async Task The_same_build_is_answered_from_memory_word_for_word()
    {
        var build = await Cardamom(10);
        var first = await Mix(build);
        var second = await Mix(build);

        Assert.False(first.IsRemembered);
        Assert.True(second.IsRemembered);
        Assert.Equal(first.Text, second.Text);
    }

    [Fact]
    public async Task Another_build_is_worked_out_however_little_it_differs()
    {
        var build = await Cardamom(11);
        await Mix(build);
        build["reserveMm"] = 11.001;

        Assert.False((await Mix(build)).IsRemembered);
    }

    [Fact]
    public async Task What_the_bar_has_changed_since_is_worked_out_anew()
    {
        var build = await Cardamom(12);
        var before = JsonNode.Parse((await Mix(build)).Text)!;
        var pump = (await server.Get("/api/bar")).Json["dispensers"]!
            .AsArray()
            .Single(one => (string?)one!["id"] == "pump-cardamom")!;
        var document = pump["document"]!.DeepClone();
        document["strokeMl"] = 8.2;
        var kept = await server.Put("/api/bar/dispensers/pump-cardamom", document, (string)pump["etag"]!);
        Assert.True(kept.Status == 200, kept.Text);

        var (text, isRemembered) = await Mix(build);
        Assert.False(isRemembered);
        Assert.NotEqual(Syrup(before), Syrup(JsonNode.Parse(text)!));

        static double Syrup(JsonNode sheet) =>
            (double)
                sheet["sizes"]![0]!["lines"]!
                    .AsArray()
                    .First(line => (string?)line!["ingredient"] == "cardamom-syrup")!["mass"]!;
    }

    [Fact]
    public async Task A_refusal_is_not_remembered()
    {
        var build = await Cardamom(13);
        build["referenceSize"] = "bucket";
        for (var i = 0; i < 2; i++)
        {
            var answer = await server.Post("/api/mix", build);
            Assert.Equal(422, answer.Status);
            Assert.Equal(["referenceSize"], answer.Fields);
        }

        Assert.Equal(415, (int)(await Send(await Cardamom(14), "text/plain")).StatusCode);
    }

    [Fact]
    public async Task An_answer_that_nobody_waited_for_is_not_remembered_by_halves()
    {
        // The sheet is worked out while whoever asked for it hangs up: then the framework writes none of it, and says
        // nothing.
        using var begun = new SemaphoreSlim(0);
        using var ended = new SemaphoreSlim(0);
        var builder = WebApplication.CreateSlimBuilder();
        builder.Logging.ClearProviders();
        builder.WebHost.UseUrls("http://127.0.0.1:0");
        var folder = Directory.CreateTempSubdirectory("krasis-web-");
        await using var app = builder.Build();
        using var answers = new SameAnswer(
            KrasisFile.Open(Path.Combine(folder.FullName, "krasis.db")),
            TimeProvider.System
        );
        app.Use(
            async (context, next) =>
            {
                context.Request.EnableBuffering();
                try
                {
                    await answers.Answer(context, next);
                }
                finally
                {
                    ended.Release();
                }
            }
        );
        app.MapPost("/slow", async (HttpContext context) =>
            {
                if (begun.Release() == 0)
                {
                    await Task.Delay(Timeout.Infinite, context.RequestAborted)
                        .ContinueWith(_ => { }, TaskScheduler.Default);
                }

                return TypedResults.Ok("whole");
            })
            .WithMetadata(new SameAnswer.Mark());
        await app.StartAsync(TestContext.Current.CancellationToken);
        var slow = new Uri($"{app.Urls.Single()}/slow");

        using var hangUp = new CancellationTokenSource();
        var asked = server.Http.PostAsync(slow, new StringContent("the same"), hangUp.Token);
        await begun.WaitAsync(TestContext.Current.CancellationToken);
        begun.Release();
        await hangUp.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => asked);
        await ended.WaitAsync(TestContext.Current.CancellationToken);

        using var again = await server.Http.PostAsync(
            slow,
            new StringContent("the same"),
            TestContext.Current.CancellationToken
        );
        Assert.Equal("\"whole\"", await again.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
    }

    // With a reserve of each test's own, so that none is answered by what another has asked for.
    private async Task<JsonNode> Cardamom(double reserve)
    {
        var id = (string)
            (await server.Get("/api/builds"))
                .Json.AsArray()
                .Single(build => (string?)build!["name"] == "Cardamom latte")!["id"]!;
        var build = (await server.Get($"/api/builds/{id}")).Json["document"]!;
        build["reserveMm"] = reserve;
        return build;
    }

    private Task<HttpResponseMessage> Send(JsonNode build, string type) =>
        server.Http.PostAsync(
            new Uri("/api/mix", UriKind.Relative),
            new StringContent(build.ToJsonString(), System.Text.Encoding.UTF8, type),
            TestContext.Current.CancellationToken
        );

    // RFC 9111, 5.1: an answer with an Age was not made for this request.
    private async Task<(string Text, bool IsRemembered)> Mix(JsonNode build)
    {
        using var answer = await Send(build, "application/json");
        Assert.Equal(200, (int)answer.StatusCode);
        return (
            await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken),
            answer.Headers.Age is not null
        );
    }
}
