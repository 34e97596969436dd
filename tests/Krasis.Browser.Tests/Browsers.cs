using System.Diagnostics.CodeAnalysis;
using System.Globalization;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;

namespace Krasis.Browser.Tests;

/// <summary>Chromium is slow to start, so a browser that a test is done with goes to the next one. What it has
/// kept for the server that it was at is forgotten.</summary>
internal static class Browsers
{
    /// <summary>A name that leads to this machine. Unlike 127.0.0.1, browsers do not trust it over plain HTTP: what comes from
    /// there comes as from another machine.</summary>
    public const string OtherName = "lock.test";

    private static readonly Lock Gate = new();

    // Those that are not in use, and the server that each was at last.
    private static readonly List<(ChromeDriver Driver, string Origin)> Idle = [];

    static Browsers() =>
        AppDomain.CurrentDomain.ProcessExit += (_, _) =>
        {
            foreach (var (driver, _) in Idle)
            {
                driver.Dispose();
            }
        };

    /// <summary>A browser as good as new; one that knows the server's front end already, if there is one.</summary>
    public static ChromeDriver Lease(Uri origin)
    {
        lock (Gate)
        {
            if (Idle.Count > 0)
            {
                var found = Math.Max(0, Idle.FindIndex(one => one.Origin == origin.Authority));
                var driver = Idle[found].Driver;
                Idle.RemoveAt(found);
                return driver;
            }
        }

        return Start();
    }

    /// <summary>Takes a browser back as good as new, or ends it when it cannot be made so. It keeps the files of the
    /// front end, which are the same everywhere, and nothing else.</summary>
    public static void Return(ChromeDriver driver, Uri origin)
    {
        try
        {
            var left = driver.WindowHandles;
            driver.SwitchTo().NewWindow(WindowType.Tab);
            var fresh = driver.CurrentWindowHandle;
            foreach (var window in left)
            {
                driver.SwitchTo().Window(window).Close();
            }

            driver.SwitchTo().Window(fresh);
            Forget(driver, origin);
            TurnCalendar(driver);
            lock (Gate)
            {
                Idle.Add((driver, origin.Authority));
            }
        }
        catch (WebDriverException)
        {
            driver.Dispose();
        }
    }

    private static void Forget(ChromeDriver driver, Uri origin) =>
        driver.ExecuteCdpCommand(
            "Storage.clearDataForOrigin",
            new Dictionary<string, object?>
            {
                ["origin"] = origin.GetLeftPart(UriPartial.Authority),
                ["storageTypes"] = "cookies,local_storage,indexeddb,service_workers,cache_storage",
            }
        );

    [SuppressMessage(
        "Reliability",
        "CA2000:Dispose objects before losing scope",
        Justification = "The driver disposes its service."
    )]
    private static ChromeDriver Start()
    {
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments(
            "--headless=new",
            "--no-sandbox",
            "--disable-gpu",
            "--disable-dev-shm-usage",
            "--no-first-run",
            "--disable-quic",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--force-prefers-reduced-motion", // Nobody watches, and what slides is waited for.
            $"--host-resolver-rules=MAP {OtherName} 127.0.0.1"
        );
        options.UnhandledPromptBehavior = UnhandledPromptBehavior.Accept;
        var service = ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver");

        // Chromium does not start under a calendar that is turned from outside: it starts by the machine's, and its
        // pages go by the tests'.
        service.DriverProcessStarting += (_, starting) =>
            starting.DriverServiceProcessStartInfo.Environment.Remove("LD_PRELOAD");
        var driver = new ChromeDriver(service, options);
        TurnCalendar(driver);
        return driver;
    }

    // Lets the pages of a window go by the tests' calendar where that is another than the browser's.
    private static void TurnCalendar(ChromeDriver driver)
    {
        var ahead =
            DateTimeOffset.UtcNow.ToUnixTimeMilliseconds()
            - Convert.ToInt64(driver.ExecuteScript("return Date.now()"), CultureInfo.InvariantCulture);
        if (Math.Abs(ahead) > Minute)
        {
            driver.ExecuteCdpCommand(
                "Page.addScriptToEvaluateOnNewDocument",
                new Dictionary<string, object?>
                {
                    ["source"] =
                        $"{{ const Real = Date; Date = class extends Real {{ constructor(...at) {{ if (at.length) super(...at); else super(Real.now() + {ahead}) }} static now() {{ return Real.now() + {ahead} }} }} }}",
                }
            );
        }
    }

    private const long Minute = 60_000; // A browser that takes long to start is no other day.
}
