using System.Diagnostics;
using System.Net.Http.Headers;
using System.Text;

namespace Krasis.LibraryBenchmark;

/// <summary>Asks a server, and measures how long its answers take.</summary>
internal sealed class Client(Uri address) : IDisposable
{
    // A program that has just been started compiles as it goes; one that is in use has done so.
    private const int NotCounted = 20;

    private readonly HttpClient http = new() { BaseAddress = address };

    /// <summary>One answer's bytes, as they come over the wire.</summary>
    public async Task<byte[]> Ask(
        HttpMethod method,
        string path,
        string? body = null,
        string? ifMatch = null,
        string encoding = "identity"
    )
    {
        using var request = new HttpRequestMessage(method, path);
        request.Headers.AcceptEncoding.Add(new StringWithQualityHeaderValue(encoding));
        if (ifMatch is not null)
        {
            request.Headers.TryAddWithoutValidation("If-Match", ifMatch);
        }

        if (body is not null)
        {
            request.Content = new StringContent(body, Encoding.UTF8, "application/json");
        }

        using var answer = await http.SendAsync(request);
        var bytes = await answer.Content.ReadAsByteArrayAsync();
        return answer.IsSuccessStatusCode
            ? bytes
            : throw new InvalidOperationException(
                $"{method} {path}: {(int)answer.StatusCode} {Encoding.UTF8.GetString(bytes)}"
            );
    }

    /// <summary>The median time of some answers, ms, after some that are not counted.</summary>
    public async Task<double> Median(int times, Func<Client, Task> ask)
    {
        var took = new List<double>();
        for (var i = 0; i < times + NotCounted; i++)
        {
            var began = Stopwatch.GetTimestamp();
            await ask(this);
            took.Add(Stopwatch.GetElapsedTime(began).TotalMilliseconds);
        }

        return took.Skip(NotCounted).Order().ElementAt(times / 2);
    }

    /// <summary>Answers a second, asked by some at once for some seconds.</summary>
    public async Task<double> Throughput(int together, TimeSpan lasts, Func<Client, Task> ask)
    {
        await ask(this);
        var began = Stopwatch.GetTimestamp();
        var counts = await Task.WhenAll(
            Enumerable
                .Range(0, together)
                .Select(async _ =>
                {
                    var count = 0;
                    for (; Stopwatch.GetElapsedTime(began) < lasts; count++)
                    {
                        await ask(this);
                    }

                    return count;
                })
        );
        return counts.Sum() / Stopwatch.GetElapsedTime(began).TotalSeconds;
    }

    public void Dispose() => http.Dispose();
}
