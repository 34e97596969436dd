namespace Krasis.BrowserBenchmark;

/// <summary>Tells a page's own script when what it has changed is on screen.</summary>
internal static class Drawn
{
    /// <summary>Lays <c>drawn</c> on every page: it calls what it is given with the time at which the next frame is on
    /// screen, which it is when the next task after it runs.</summary>
    public const string Script = """
        window.drawn = done => requestAnimationFrame(() => {
          const { port1, port2 } = new MessageChannel()
          port1.onmessage = () => done(performance.now())
          port2.postMessage(null)
        })
        """;
}
