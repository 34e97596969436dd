using System.Collections.Concurrent;
using System.Diagnostics.CodeAnalysis;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;

namespace Krasis.Browser.Tests;

/// <summary>Chromium is slow to start, so a browser that a test is done with goes to the next one. What it has
/// kept for the server that it was at is forgotten.</summary>
internal static class Browsers
{
    private static readonly ConcurrentBag<ChromeDriver> Idle = [];

    static Browsers() => AppDomain.CurrentDomain.ProcessExit += (_, _) =>
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
            driver.ExecuteCdpCommand("Storage.clearDataForOrigin", new Dictionary<string, object?> { ["origin"] = origin.GetLeftPart(UriPartial.Authority), ["storageTypes"] = "local_storage" });
            driver.ExecuteCdpCommand("Emulation.setEmulatedMedia", new Dictionary<string, object?> { ["features"] = Array.Empty<object>() });
            Idle.Add(driver);
        }
        catch (WebDriverException)
        {
            driver.Dispose();
        }
    }

    [SuppressMessage("Reliability", "CA2000:Dispose objects before losing scope", Justification = "The driver disposes its service.")]
    private static ChromeDriver Start()
    {
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments(
            "--headless=new", "--no-sandbox", "--disable-gpu", "--disable-dev-shm-usage", "--no-first-run", "--disable-quic",
            "--disable-background-networking", "--disable-component-update", "--disable-sync");
        options.UnhandledPromptBehavior = UnhandledPromptBehavior.Accept;
        return new ChromeDriver(ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver"), options);
    }
}
