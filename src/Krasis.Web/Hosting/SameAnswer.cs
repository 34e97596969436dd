using System.Security.Cryptography;
using Krasis.App.Shared;
using Krasis.Store;
using Microsoft.Extensions.Caching.Memory;

namespace Krasis.Web.Hosting;

/// <summary>Remembers answers that nothing else decides than what was sent, the bar's facts and the day. Bytes as they
/// were sent are kept, so that nothing is read or written anew.</summary>
/// <param name="file">The data file.</param>
/// <param name="clock">Says what day it is.</param>
public sealed class SameAnswer(KrasisFile file, TimeProvider clock) : IDisposable
{
    // The most that is remembered in all, in bytes: some hundred sheets.
    private const long MostRemembered = 8_000_000;

    // Longer than somebody goes back and forth between builds; what is asked for more rarely may be worked out again.
    private static readonly TimeSpan Remembered = TimeSpan.FromMinutes(10);

    private readonly MemoryCache answers = new(new MemoryCacheOptions { SizeLimit = MostRemembered });

    /// <summary>Answers from memory where the endpoint is marked with <see cref="Mark"/>.</summary>
    public async Task Answer(HttpContext context, RequestDelegate next)
    {
        if (context.GetEndpoint()?.Metadata.GetMetadata<Mark>() is null)
        {
            await next(context);
            return;
        }

        // BadRequests keeps it, so that it can be read again.
        var (request, response) = (context.Request, context.Response);
        var sent = await SHA256.HashDataAsync(request.Body, context.RequestAborted);
        request.Body.Position = 0;
        var key = new Key(Convert.ToHexString(sent), request.ContentType, file.BarRevision, clock.Today().DayNumber);
        if (answers.TryGetValue(key, out Kept? kept))
        {
            // RFC 9111, 5.1: it was not made for this request.
            response.Headers.Age = "0";
            response.ContentType = kept!.ContentType;
            response.ContentLength = kept.Bytes.Length;
            await response.Body.WriteAsync(kept.Bytes, context.RequestAborted);
            return;
        }

        var wire = response.Body;
        using var made = new MemoryStream();
        response.Body = made;
        try
        {
            await next(context);
        }
        finally
        {
            response.Body = wire;
        }

        // Whoever hangs up while it is worked out gets nothing or a part of it, and the framework says nothing: that is
        // nobody's answer.
        context.RequestAborted.ThrowIfCancellationRequested();
        var bytes = made.ToArray();
        if (response.StatusCode == StatusCodes.Status200OK)
        {
            answers.Set(
                key,
                new Kept(response.ContentType, bytes),
                new MemoryCacheEntryOptions { Size = bytes.Length, AbsoluteExpirationRelativeToNow = Remembered }
            );
        }

        await wire.WriteAsync(bytes, context.RequestAborted);
    }

    public void Dispose() => answers.Dispose();

    /// <summary>Marks an endpoint whose answers are remembered.</summary>
    public sealed class Mark;

    private sealed record Key(string Sent, string? ContentType, long Bar, int Day);

    private sealed record Kept(string? ContentType, byte[] Bytes);
}
