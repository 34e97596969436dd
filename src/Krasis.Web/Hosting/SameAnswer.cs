using System.Globalization;
using System.Security.Cryptography;
using Krasis.Store;
using Microsoft.AspNetCore.OutputCaching;

namespace Krasis.Web.Hosting;

/// <summary>Remembers answers that nothing else decides than what was sent, the bar's facts and the day.</summary>
/// <param name="file">The data file.</param>
/// <param name="clock">Says what day it is.</param>
internal sealed class SameAnswer(KrasisFile file, TimeProvider clock) : IOutputCachePolicy
{
    /// <summary>The most that is remembered in all, in bytes: some hundred sheets.</summary>
    public const long MostRemembered = 8_000_000;

    // Longer than somebody goes back and forth between builds; what is asked for more rarely may be worked out again.
    private static readonly TimeSpan Remembered = TimeSpan.FromMinutes(10);

    public async ValueTask CacheRequestAsync(OutputCacheContext context, CancellationToken cancellation)
    {
        // BadRequests keeps it, so that it can be read again.
        var request = context.HttpContext.Request;
        var sent = await SHA256.HashDataAsync(request.Body, cancellation);
        request.Body.Position = 0;

        var rules = context.CacheVaryByRules;
        rules.VaryByValues["sent"] = $"{request.ContentType} {Convert.ToHexString(sent)}";
        rules.VaryByValues["bar"] = file.BarRevision.ToString(CultureInfo.InvariantCulture);
        rules.VaryByValues["day"] = clock.Today().DayNumber.ToString(CultureInfo.InvariantCulture);
        context.EnableOutputCaching = context.AllowCacheLookup = context.AllowCacheStorage = true;
        context.ResponseExpirationTimeSpan = Remembered;
    }

    public ValueTask ServeFromCacheAsync(OutputCacheContext context, CancellationToken cancellation) => ValueTask.CompletedTask;

    public ValueTask ServeResponseAsync(OutputCacheContext context, CancellationToken cancellation)
    {
        context.AllowCacheStorage = context.HttpContext.Response.StatusCode == StatusCodes.Status200OK;
        return ValueTask.CompletedTask;
    }
}
