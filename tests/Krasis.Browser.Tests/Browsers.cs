using System.Collections.Concurrent;
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

    private static readonly ConcurrentBag<ChromeDriver> Idle = [];

    static Browsers() =>
        AppDomain.CurrentDomain.ProcessExit += (_, _) =>
        {
            while (Idle.TryTake(out var driver))
            {
                driver.Dispose();
            }
        };

    public static ChromeDriver Lease() => Idle.TryTake(out var driver) ? driver : Start();

    /// <summary>Takes a browser back as good as new, or ends it when it cannot be made so.</summary>
    public static void Return(ChromeDriver driver, Uri origin)
    {
        try
        {
            foreach (var more in driver.WindowHandles.Skip(1))
            {
                driver.SwitchTo().Window(more).Close();
            }

            driver.SwitchTo().Window(driver.WindowHandles[0]);
            driver.Navigate().GoToUrl("about:blank");
            driver.ExecuteCdpCommand(
                "Storage.clearDataForOrigin",
                new Dictionary<string, object?>
                {
                    ["origin"] = origin.GetLeftPart(UriPartial.Authority),
                    ["storageTypes"] = "local_storage",
                }
            );
            driver.ExecuteCdpCommand(
                "Emulation.setEmulatedMedia",
                new Dictionary<string, object?> { ["media"] = "", ["features"] = Array.Empty<object>() }
            );
            Idle.Add(driver);
        }
        catch (WebDriverException)
        {
            driver.Dispose();
        }
    }

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
            $"--host-resolver-rules=MAP {OtherName} 127.0.0.1"
        );
        options.UnhandledPromptBehavior = UnhandledPromptBehavior.Accept;
        var service = ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver");

        // Chromium does not start under a calendar that is turned from outside: it starts by the machine's, and its
        // pages go by the tests'.
        service.DriverProcessStarting += (_, starting) =>
            starting.DriverServiceProcessStartInfo.Environment.Remove("LD_PRELOAD");
        var driver = new ChromeDriver(service, options);
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

        return driver;
    }

    private const long Minute = 60_000; // A browser that takes long to start is no other day.
}
