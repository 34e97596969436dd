namespace Krasis.LibraryBenchmark;

/// <summary>A server that sends what it was given from memory: how long the same bytes take that nobody has to work
/// out.</summary>
internal sealed class BareServer : IAsyncDisposable
{
    private readonly WebApplication app;

    private BareServer(WebApplication app) => this.app = app;

    /// <summary>Where it answers.</summary>
    public Uri Address => new(app.Urls.First());

    /// <summary>Starts one that answers each POST and GET at a path with the bytes of that path.</summary>
    public static async Task<BareServer> Start(IReadOnlyDictionary<string, byte[]> answers)
    {
        var builder = WebApplication.CreateSlimBuilder();
        builder.Logging.ClearProviders();
        builder.WebHost.UseUrls("http://127.0.0.1:0");
        var app = builder.Build();
        foreach (var (path, bytes) in answers)
        {
            app.MapMethods(path, ["GET", "POST"], async (HttpContext http) =>
            {
                // What is sent is read, as the program reads it.
                await http.Request.Body.CopyToAsync(Stream.Null);
                http.Response.ContentType = "application/json";
                http.Response.ContentLength = bytes.Length;
                await http.Response.Body.WriteAsync(bytes);
            });
        }

        await app.StartAsync();
        return new BareServer(app);
    }

    public ValueTask DisposeAsync() => app.DisposeAsync();
}
