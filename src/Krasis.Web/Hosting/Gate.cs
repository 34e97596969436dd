using Krasis.Web.Problems;
using Microsoft.Extensions.Primitives;

namespace Krasis.Web.Hosting;

/// <summary>Lets in who asks for Krasis by a name it has, and from a page of its own: a page of elsewhere must not
/// reach it through somebody's browser, neither under a name of its own that leads here nor by sending forms.</summary>
/// <param name="names">The names by which other machines reach it.</param>
internal sealed class Gate(IReadOnlyList<string> names)
{
    /// <summary>Where the feeds are that screens may read.</summary>
    public const string FeedPath = "/feeds";

    private static readonly string[] ThisMachine = ["localhost", "127.0.0.1", "[::1]"];

    private readonly HashSet<string> hosts = new(
        [.. ThisMachine, .. names.Select(name => new HostString(name).Host)],
        StringComparer.OrdinalIgnoreCase
    );

    /// <summary>Refuses others.</summary>
    public Task Handle(HttpContext context, RequestDelegate next)
    {
        var request = context.Request;
        return !hosts.Contains(request.Host.Host)
                ? ProblemResult
                    .Foreign(
                        $"Krasis is not called '{request.Host.Host}' here. Start it with --host {request.Host.Host} if other machines are to reach it so."
                    )
                    .ExecuteAsync(context)
            : !IsOwn(request.Headers.Origin, request.Host) && !IsFeed(request)
                ? ProblemResult
                    .Foreign(
                        $"The request comes from a page of '{request.Headers.Origin}', which is not a page of Krasis."
                    )
                    .ExecuteAsync(context)
            : next(context);
    }

    // What anybody may read where the lead says so, a screen's page of elsewhere may read too; nothing is changed by
    // reading.
    private static bool IsFeed(HttpRequest request) =>
        HttpMethods.IsGet(request.Method) && request.Path.StartsWithSegments(FeedPath);

    // RFC 6454, 7: no Origin is said where no page asks. A proxy before Krasis may speak https, so that only names and
    // ports are compared.
    private static bool IsOwn(StringValues origin, HostString asked) =>
        origin.Count == 0
        || (
            origin is [{ } page]
            && Uri.TryCreate(page, UriKind.Absolute, out var from)
            && new HostString(from.Authority).Equals(asked)
        );
}
