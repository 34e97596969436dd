namespace Krasis.Web.Hosting;

/// <summary>Serves the built front end.</summary>
public static class FrontEnd
{
    private const string Page = "index.html";
    private const string Hashed = "assets";

    /// <summary>Sends the page for every address that is not a file, an endpoint or part of the API.</summary>
    public static void Serve(WebApplication app)
    {
        var files = new StaticFileOptions
        {
            // The names of built files carry a hash of their content; the page itself and what it is installed by must
            // be asked for again.
            OnPrepareResponse = served =>
                served.Context.Response.Headers.CacheControl = served.Context.Request.Path.StartsWithSegments(
                    $"/{Hashed}"
                )
                    ? "public, max-age=31536000, immutable"
                    : "no-cache",
        };
        app.UseDefaultFiles();
        app.UseStaticFiles(files);

        // Not for the API, or a wrong address there would be answered with a page.
        app.MapFallbackToFile("{*path:regex(^(?!api/|openapi/).*$):nonfile}", Page, files);
    }

    /// <summary>Tells browsers to take scripts, styles and fonts from here alone, and to keep no answer of the API,
    /// whatever is answered.</summary>
    public static Task Protect(HttpContext context, RequestDelegate next)
    {
        // What is answered in the place of an error begins with no header.
        context.Response.OnStarting(() =>
        {
            var headers = context.Response.Headers;
            headers.ContentSecurityPolicy =
                "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; frame-ancestors 'none'; base-uri 'none'; form-action 'self'";
            headers.XContentTypeOptions = "nosniff";
            headers["Referrer-Policy"] = "no-referrer";
            headers["Cross-Origin-Resource-Policy"] = "same-origin";

            // What the house has entered stays out of the caches of browsers and proxies, unless an endpoint says more.
            if (context.Request.Path.StartsWithSegments("/api") && headers.CacheControl.Count == 0)
            {
                headers.CacheControl = "no-store";
            }

            return Task.CompletedTask;
        });
        return next(context);
    }
}
