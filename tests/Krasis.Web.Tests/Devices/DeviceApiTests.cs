using System.Net;
using System.Net.Sockets;
using Krasis.Web.Hosting;
using Microsoft.AspNetCore.Builder;

namespace Krasis.Web.Tests.Devices;

/// <summary>What is asked of devices over HTTP, where there are none, and where they do not answer.</summary>
public sealed class DeviceApiTests : IAsyncLifetime
{
    private readonly DirectoryInfo folder = Directory.CreateTempSubdirectory("krasis-devices-");
    private readonly HttpClient http = new();
    private WebApplication? app;

    public ValueTask InitializeAsync() => ValueTask.CompletedTask;

    public async ValueTask DisposeAsync()
    {
        http.Dispose();
        if (app is not null)
        {
            await app.DisposeAsync();
        }

        Store.KrasisFile.LetGo(Path.Combine(folder.FullName, "krasis.db"));
        folder.Delete(recursive: true);
    }

    [Fact]
    public async Task Where_there_are_no_devices_that_is_said()
    {
        await Start();
        Assert.Equal(
            "{\"hasPrinter\":false,\"hasScale\":false}",
            await http.GetStringAsync("/api/devices", TestContext.Current.CancellationToken)
        );
        Assert.Equal(HttpStatusCode.NotFound, (await Get("/api/devices/scale")).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await Print(8, 1, "AA==")).StatusCode);
    }

    [Fact]
    public async Task A_device_that_does_not_answer_is_said_to()
    {
        // A port that was free a moment ago, and that nobody listens at.
        using var taken = new TcpListener(IPAddress.Loopback, 0);
        taken.Start();
        var port = ((IPEndPoint)taken.LocalEndpoint).Port;
        taken.Stop();
        await Start("--printer", $"tcp:127.0.0.1:{port}", "--scale", $"tcp:127.0.0.1:{port}");
        foreach (var answer in new[] { await Get("/api/devices/scale"), await Print(8, 1, "AA==") })
        {
            Assert.Equal(HttpStatusCode.BadGateway, answer.StatusCode);
            Assert.Contains(
                $"127.0.0.1:{port} does not answer",
                await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken),
                StringComparison.Ordinal
            );
        }
    }

    [Theory]
    [InlineData(8, 2, "AA==")]
    [InlineData(0, 1, "AA==")]
    [InlineData(2401, 1, "AA==")]
    [InlineData(8, 1, "no base64")]
    [InlineData(8, 1, null)]
    public async Task What_is_no_picture_is_refused(int width, int height, string? bits)
    {
        await Start("--printer", $"pdf:{Path.Combine(folder.FullName, "queue")}");
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await Print(width, height, bits)).StatusCode);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await Print(8, 1, "AA==", widthMm: 9.9)).StatusCode);
        Assert.Equal(HttpStatusCode.NoContent, (await Print(8, 1, "AA==", widthMm: 10)).StatusCode);
        Assert.Equal(HttpStatusCode.NoContent, (await Print(8, 1, "AA==", widthMm: 300)).StatusCode);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await Print(8, 1, "AA==", widthMm: 300.1)).StatusCode);
        Assert.Equal(2, Directory.GetFiles(Path.Combine(folder.FullName, "queue"), "*.pdf").Length);
    }

    private async Task Start(params string[] more)
    {
        app = KrasisApp.Create(
            KrasisOptions.From(["--data", Path.Combine(folder.FullName, "krasis.db"), "--port", "0", .. more])
        );
        await app.StartAsync(TestContext.Current.CancellationToken);
        http.BaseAddress = new Uri(app.Urls.Single());
    }

    private Task<HttpResponseMessage> Get(string path) => http.GetAsync(path, TestContext.Current.CancellationToken);

    private Task<HttpResponseMessage> Print(int width, int height, string? bits, double widthMm = 62) =>
        System.Net.Http.Json.HttpClientJsonExtensions.PostAsJsonAsync(
            http,
            "/api/devices/labels",
            new
            {
                widthMm,
                heightMm = 40.0,
                labels = new[]
                {
                    new
                    {
                        width,
                        height,
                        bits,
                    },
                },
            },
            TestContext.Current.CancellationToken
        );
}
