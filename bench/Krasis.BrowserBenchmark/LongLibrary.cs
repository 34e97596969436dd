using System.Globalization;
using Krasis.Browser.Tests;
using Krasis.LibraryBenchmark;

namespace Krasis.BrowserBenchmark;

/// <summary>How long the library of many builds takes until it can be used, and until what is searched for is on
/// screen.</summary>
internal static class LongLibrary
{
    private const int Opened = 10;
    private const int Searched = 40;
    private const int WarmUp = 8;
    private static readonly string[] Words = ["maple", "sesame", "without nuts", "cherry"];

    /// <summary>Opens a library of so many builds, and searches it.</summary>
    public static async Task Measure(int builds)
    {
        using var server = new KrasisProcess(demo: true);
        using var client = new Client(server.Address);
        await ManyBuilds.Fill(client, builds);
        using var tab = new Tab(server.Address);
        tab.RunFirst(Drawn.Script);
        tab.RunFirst(
            """
            window.usable = new Promise(done => new MutationObserver((_, observer) => {
              if (document.querySelectorAll('[data-test=build]').length > 5) {
                observer.disconnect()
                drawn(done)
              }
            }).observe(document, { subtree: true, childList: true }))
            window.search = word => new Promise(done => {
              const box = document.querySelector('[data-test=seek]')
              const rows = () => [...document.querySelectorAll('[data-test=build]')].map(row => row.textContent).join()
              const [before, from] = [rows(), performance.now()]
              new MutationObserver((_, observer) => {
                if (rows() !== before) {
                  observer.disconnect()
                  drawn(at => done(at - from))
                }
              }).observe(document.querySelector('main'), { subtree: true, childList: true, characterData: true })
              box.value = word
              box.dispatchEvent(new InputEvent('input', { bubbles: true }))
            })
            """
        );
        var opened = new List<double>();
        for (var i = 0; i < Opened; i++)
        {
            opened.Add(Asked(tab.Open("/"), "usable"));
        }

        var searched = new List<double>();
        for (var i = 0; i < WarmUp + Searched; i++)
        {
            searched.Add(Asked(tab, $"search('{Words[i % Words.Length]}')"));
        }

        IReadOnlyList<double> again = [.. opened.Skip(1).Order()],
            found = [.. searched.Skip(WarmUp).Order()];
        Console.WriteLine(
            $"A library of {builds} builds can be used after {again.At(0.5):0} ms (longest {again[^1]:0} ms), the first time after {opened[0]:0} ms."
        );
        Console.WriteLine(
            $"What is searched for is on screen after {found.At(0.5):0} ms in the median, 95th percentile {found.At(0.95):0} ms."
        );
    }

    private static double Asked(Tab tab, string what) =>
        Convert.ToDouble(
            tab.ScriptAsync($"const done = arguments[arguments.length - 1]; window.{what}.then(done)"),
            CultureInfo.InvariantCulture
        );
}
