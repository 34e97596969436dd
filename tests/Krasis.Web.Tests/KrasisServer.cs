using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Krasis.Store;
using Krasis.Web.Hosting;
using Microsoft.AspNetCore.Builder;

namespace Krasis.Web.Tests;

/// <summary>The real program on a real port and a file of its own.</summary>
public sealed class KrasisServer : IAsyncLifetime
{
    /// <summary>The day it is at the server, whatever the machine's clock says.</summary>
    public static readonly DateOnly Today = DateOnly.FromDateTime(DemoFile.Now.Date);

    private readonly string folder = Directory.CreateTempSubdirectory("krasis-web-").FullName;
    private WebApplication? app;

    public string DataFile => Path.Combine(folder, "krasis.db");

    public HttpClient Http { get; } = new();

    public async ValueTask InitializeAsync()
    {
        DemoFile.CopyTo(DataFile);
        app = KrasisApp.Create(
            KrasisOptions.From(["--data", DataFile, "--port", "0"]) with
            {
                Clock = new TestClock(DemoFile.Now),
            }
        );
        await app.StartAsync(TestContext.Current.CancellationToken);
        Http.BaseAddress = new Uri(app.Urls.Single());
    }

    public async ValueTask DisposeAsync()
    {
        Http.Dispose();
        if (app is not null)
        {
            await app.DisposeAsync();
        }

        // Of this file alone: a neighbour that has moved its own away still reads in it.
        KrasisFile.LetGo(DataFile);
        Directory.Delete(folder, recursive: true);
    }

    /// <summary>Sends a request and reads the answer's status, body and ETag.</summary>
    public async Task<Answer> Send(HttpMethod method, string path, object? body = null, string? ifMatch = null)
    {
        using var request = new HttpRequestMessage(method, path);
        request.Content = body switch
        {
            null => null,
            string raw => new StringContent(raw, System.Text.Encoding.UTF8, "application/json"),
            _ => JsonContent.Create(body),
        };
        // A body that is refused by its size need not be sent: the server closes the connection while it is still being sent.
        request.Headers.ExpectContinue = body is string { Length: > 1_000_000 };
        if (ifMatch is not null)
        {
            request.Headers.TryAddWithoutValidation("If-Match", ifMatch);
        }

        using var response = await Http.SendAsync(request, TestContext.Current.CancellationToken);
        var text = await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        return new Answer(
            (int)response.StatusCode,
            response.Content.Headers.ContentType?.MediaType,
            response.Headers.ETag?.ToString(),
            text
        );
    }

    public Task<Answer> Get(string path) => Send(HttpMethod.Get, path);

    public Task<Answer> Post(string path, object? body = null) => Send(HttpMethod.Post, path, body);

    public Task<Answer> Put(string path, object body, string? ifMatch) => Send(HttpMethod.Put, path, body, ifMatch);

    public Task<Answer> Delete(string path, string? ifMatch) => Send(HttpMethod.Delete, path, null, ifMatch);
}

/// <summary>What came back.</summary>
public sealed record Answer(int Status, string? ContentType, string? ETag, string Text)
{
    public JsonNode Json => JsonNode.Parse(Text)!;

    /// <summary>The fields that a problem points at.</summary>
    public string[] Fields => [.. Json["errors"]!.AsArray().Select(error => (string)error!["field"]!)];
}
