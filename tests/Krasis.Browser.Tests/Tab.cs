using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Interactions;
using OpenQA.Selenium.Support.UI;

namespace Krasis.Browser.Tests;

/// <summary>A real Chromium, and what a lead does with it. Every step waits until the page is ready for it.</summary>
public sealed class Tab : IDisposable
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(15);

    private readonly ChromeDriver driver;
    private readonly Uri address;

    public Tab(Uri address, int width = 1280, int height = 800)
    {
        this.address = address;
        driver = Browsers.Lease(address);
        Resize(width, height);
    }

    public string Path => new Uri(driver.Url).AbsolutePath;

    public void Dispose() => Browsers.Return(driver, address);

    /// <summary>Gives the page itself a size, which a window, its frame taken off, would not give, nor one narrower
    /// than 500.</summary>
    public void Resize(int width, int height) =>
        driver.ExecuteCdpCommand(
            "Emulation.setDeviceMetricsOverride",
            new Dictionary<string, object?>
            {
                ["width"] = width,
                ["height"] = height,
                ["deviceScaleFactor"] = 1,
                ["mobile"] = false,
            }
        );

    public Tab Open(string path)
    {
        driver.Navigate().GoToUrl(new Uri(address, path));
        return this;
    }

    /// <summary>Runs a script in every page that is opened from here on, before anything of the page itself.</summary>
    public void RunFirst(string script) =>
        driver.ExecuteCdpCommand(
            "Page.addScriptToEvaluateOnNewDocument",
            new Dictionary<string, object?> { ["source"] = script }
        );

    public void Reload() => driver.Navigate().Refresh();

    public T Until<T>(string what, Func<T?> condition)
    {
        var wait = new WebDriverWait(driver, Patience)
        {
            Message = $"waited for {what}",
            PollingInterval = TimeSpan.FromMilliseconds(40),
        };
        wait.IgnoreExceptionTypes(
            typeof(StaleElementReferenceException),
            typeof(NoSuchElementException),
            typeof(ElementNotInteractableException),
            typeof(ElementClickInterceptedException)
        );
        try
        {
            return wait.Until(_ => condition())!;
        }
        catch (WebDriverTimeoutException late)
        {
            throw new WebDriverTimeoutException($"{late.Message}\n{Standing()}", late);
        }
    }

    /// <summary>What stood on the page when something did not come, which its name alone does not tell.</summary>
    private string Standing()
    {
        const string Script = """
            const asked = performance.getEntriesByType('resource').slice(-12).map((one) => `${one.name} ${Math.round(one.startTime)}+${Math.round(one.duration)} ms ${one.responseStatus}`);
            return [location.href, document.readyState, `now ${Math.round(performance.now())} ms`, `busy ${document.querySelector('main')?.getAttribute('aria-busy')}`, ...asked, document.body.innerText.slice(0, 1500)].join('\n');
            """;
        return $"{driver.ExecuteScript(Script)}\n{string.Join('\n', driver.Manage().Logs.GetLog(LogType.Browser).TakeLast(10))}";
    }

    public void Until(string what, Func<bool> condition) =>
        Until<object>(what, () => condition() ? new object() : null);

    public IWebElement Find(string css) => Until(css, () => FirstShown(css))!;

    // One question to the page; the driver's own would be one for each element, and a long one.
    private IWebElement? FirstShown(string css, string? text = null) =>
        (IWebElement?)
            driver.ExecuteScript(
                """
                const [css, text] = arguments
                const shown = (one) => one.checkVisibility({ visibilityProperty: true }) && one.getClientRects().length > 0
                return [...document.querySelectorAll(css)].find((one) => shown(one) && (text === null || one.innerText.trim() === text)) ?? null
                """,
                css,
                text
            );

    /// <summary>What something says. It may be drawn anew between being found and being read.</summary>
    public string TextOf(string css) => Until(css, () => Find(css).Text)!;

    public string? AttributeOf(string css, string name) =>
        Until(css, () => new { Value = Find(css).GetAttribute(name) })!.Value;

    /// <summary>Waits until something says so, wherever its lines break.</summary>
    public void UntilText(string css, string text) =>
        Until($"'{text}' in {css}", () =>
            (bool)
                Script(
                    "return [...document.querySelectorAll(arguments[0])].some((one) => one.innerText?.replace(/\\s+/g, ' ').includes(arguments[1]))",
                    css,
                    text
                )!
        );

    public IReadOnlyList<IWebElement> All(string css) => driver.FindElements(By.CssSelector(css));

    public bool Has(string css) => FirstShown(css) is not null;

    public void Click(string css) => Until($"a click on {css}", () =>
        {
            driver.FindElement(By.CssSelector(css)).Click();
            return true;
        });

    public void ClickText(string text, string css = "button, a, li[role=option]") => Until($"a click on '{text}'", () =>
        {
            var found = FirstShown(css, text);
            found?.Click();
            return found is not null;
        });

    /// <summary>Puts text in the place of what stands in a box.</summary>
    public void Type(string css, string text, string end = "")
    {
        if (Has("[role=dialog]"))
        {
            // A dialog takes the focus once it has opened all the way, and the rest of what is typed would go there.
            UntilStill();
        }

        var box = Find(css);
        box.Click();
        box.SendKeys(Keys.Control + "a");
        box.SendKeys(text.Length == 0 ? Keys.Delete + end : text + end);
    }

    /// <summary>Chooses a file in a box for files.</summary>
    public void Attach(string css, string path) => driver.FindElement(By.CssSelector(css)).SendKeys(path);

    public void Press(string keys) => new Actions(driver).SendKeys(keys).Perform();

    public void PressControl(string key) =>
        new Actions(driver).KeyDown(Keys.Control).SendKeys(key).KeyUp(Keys.Control).Perform();

    public void PressShift(string key) =>
        new Actions(driver).KeyDown(Keys.Shift).SendKeys(key).KeyUp(Keys.Shift).Perform();

    public void PressAlt(string key) => new Actions(driver).KeyDown(Keys.Alt).SendKeys(key).KeyUp(Keys.Alt).Perform();

    /// <summary>Goes on with the Tab key until something has the focus, as somebody without a mouse does.</summary>
    public void TabTo(string css)
    {
        for (var i = 0; i < 150; i++)
        {
            if (
                (bool)
                    Script(
                        "return document.activeElement !== null && document.activeElement.matches(arguments[0])",
                        css
                    )!
            )
            {
                return;
            }

            Press(Keys.Tab);
        }

        throw new InvalidOperationException($"The Tab key does not lead to {css}.");
    }

    /// <summary>Takes hold of something and lets it go so many pixels away.</summary>
    /// <param name="css">What is taken.</param>
    /// <param name="right">How far to the right, px.</param>
    /// <param name="down">How far down, px.</param>
    /// <param name="seen">What is waited for before it is let go, as somebody does who looks where it will come to
    /// stand.</param>
    public void Drag(string css, int right, int down, Func<bool>? seen = null)
    {
        var held = Find(css);
        new Actions(driver)
            .MoveToElement(held)
            .ClickAndHold()
            .MoveByOffset(right / 2, down / 2)
            .MoveByOffset(right - (right / 2), down - (down / 2))
            .Perform();
        if (seen is not null)
        {
            Until("what is dragged to be where it is let go", seen);
        }

        new Actions(driver).Release().Perform();
    }

    public object? Script(string script, params object[] arguments) => driver.ExecuteScript(script, arguments);

    public object? ScriptAsync(string script) => driver.ExecuteAsyncScript(script);

    /// <summary>Adds a line and says how much of it goes into the reference size.</summary>
    public void AddLine(string ingredient, string referenceSize, string text)
    {
        var before = All("[data-test=line]").Count;
        Click("[data-test=add-line]");
        Find(".p-select-filter").SendKeys(ingredient);

        // A list that opens upwards moves when it becomes shorter, and then a click misses.
        Until("the list to be filtered", () =>
            All("li[role=option]").All(option => option.Text.Contains(ingredient, StringComparison.OrdinalIgnoreCase))
        );
        Until("the new line", () =>
        {
            UntilStill();
            if (
                All("[data-test=line]").Count == before
                && All("li[role=option]").FirstOrDefault(option => option.Text.Trim() == ingredient) is { } found
            )
            {
                found.Click();
            }

            return All("[data-test=line]").Count == before + 1 && CellsOf(referenceSize).Count == before + 1;
        });
        EnterCell(before, referenceSize, text);
    }

    /// <summary>How many builds the list holds, those out of the window too.</summary>
    public int Listed =>
        All("[data-test=builds]") is [var list] && list.GetAttribute("aria-label")?.Split(' ') is [var count, ..]
            ? int.Parse(count, System.Globalization.CultureInfo.InvariantCulture)
            : 0;

    /// <summary>Looks in the list for a build by its name: of a long list only what is in the window is
    /// drawn.</summary>
    public void UntilListed(string name)
    {
        Open("/");
        Type("[data-test=seek]", name);
        Until($"'{name}' in the list", () =>
            All("[data-test=build]").Any(build => build.Text.Contains(name, StringComparison.Ordinal))
        );
    }

    public IReadOnlyList<IWebElement> CellsOf(string size) => All($"input[data-cell$=' {size}']");

    public void EnterCell(int row, string size, string text)
    {
        Until($"row {row + 1} of {size} to take '{text}'", () =>
        {
            if (CellsOf(size).ElementAtOrDefault(row) is not { } box)
            {
                return false;
            }

            box.Click();
            box.SendKeys(Keys.Control + "a");
            box.SendKeys(text.Length == 0 ? Keys.Delete : text);
            return true;
        });
        Press(Keys.Enter);
    }

    public string Cell(int row, string size) => CellsOf(size)[row].GetAttribute("value") ?? "";

    /// <summary>Waits until a cell holds something, and not only because it was just typed.</summary>
    public void UntilCell(int row, string size, string value) =>
        Until($"row {row + 1} of {size} to be {value}", () =>
            !Has("main[aria-busy=true]") && CellsOf(size).Count > row && Cell(row, size) == value
        );

    /// <summary>Goes into a line, so that its tools stand below it.</summary>
    public void WorkOn(string ingredient) => Until($"the tools of {ingredient}", () =>
        {
            if (
                !Has("[data-test=tools]")
                || !Find("[data-test=tools]").Text.Contains(ingredient, StringComparison.Ordinal)
            )
            {
                driver.FindElement(By.CssSelector($"button.what[data-name='{ingredient}']")).Click();
            }

            return Find("[data-test=tools]").Text.Contains(ingredient, StringComparison.Ordinal);
        });

    /// <summary>Goes into a size, so that all of it is read out below the sheet.</summary>
    public void WorkIn(string size)
    {
        if (Find("[data-test=size-panel] h2").Text != size)
        {
            Click($"[data-size='{size}'] [data-test=focus]");
        }

        Until($"more of {size}", () => Find("[data-test=size-panel] h2").Text == size);
    }

    /// <summary>Chooses what stands under More.</summary>
    public void More(string test)
    {
        Click("[data-test=more]");
        Click($"[data-test={test}]");
    }

    public string Status => Find("[data-test=status]").Text.Trim();

    public void Save()
    {
        // A draft may have saved itself in the meantime.
        Until("the save", () =>
        {
            driver
                .FindElements(By.CssSelector("[data-test=save]"))
                .FirstOrDefault(button => button.Displayed && button.Enabled)
                ?.Click();
            return Status == "Saved";
        });
    }

    public void ChooseOption(string selectCss, string text)
    {
        Click(selectCss);
        ClickText(text, "li[role=option]");
    }

    /// <summary>Waits until nothing on the page moves or changes its colour.</summary>
    public void UntilStill() =>
        Until("the page to stand still", () =>
            (bool)
                Script(
                    "return document.getAnimations().every(one => one.playState !== 'running' || one.effect.getComputedTiming().endTime === Infinity)"
                )!
        );

    /// <summary>What axe-core has against the page, for WCAG 2.2 AA.</summary>
    public IReadOnlyList<string> Violations(string axe) =>
        Violations(axe, "wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    /// <summary>What axe-core has against the page's colours, which are all that differs in the dark.</summary>
    public IReadOnlyList<string> ViolationsOfColour(string axe) =>
        Violations(axe, "color-contrast", "link-in-text-block");

    private List<string> Violations(string axe, params string[] only)
    {
        driver.ExecuteScript("if (!window.axe) { (0, eval)(arguments[0]) }", axe);
        var found = driver.ExecuteAsyncScript(
            """
            const done = arguments[arguments.length - 1];
            axe.run(document, { runOnly: arguments[0] })
              .then(result => done(result.violations.flatMap(v => v.nodes.map(n => `${v.id}: ${n.html.slice(0, 160)} — ${n.failureSummary}`))));
            """,
            only
        );
        return [.. ((IEnumerable<object>)found!).Cast<string>()];
    }

    /// <summary>Takes a picture of the window once its fonts are there and nothing is on its way.</summary>
    public void Picture(string path)
    {
        // What fades or slides has come to rest by then.
        driver.ExecuteAsyncScript(
            """
            const done = arguments[arguments.length - 1]
            const drawn = () => new Promise(resolve => requestAnimationFrame(() => requestAnimationFrame(resolve)))
            const still = () => Promise.allSettled(document.getAnimations().filter(one => Number.isFinite(one.effect.getComputedTiming().endTime)).map(one => one.finished))
            document.fonts.ready.then(drawn).then(still).then(drawn).then(() => done())
            """
        );
        driver.GetScreenshot().SaveAsFile(path);
    }

    /// <summary>Lets every answer of the server come so much later, as in a bad network.</summary>
    public void Delay(TimeSpan by)
    {
        driver.ExecuteCdpCommand("Network.enable", []);
        driver.ExecuteCdpCommand(
            "Network.emulateNetworkConditions",
            new Dictionary<string, object?>
            {
                ["offline"] = false,
                ["latency"] = by.TotalMilliseconds,
                ["downloadThroughput"] = -1,
                ["uploadThroughput"] = -1,
            }
        );
        if (by == TimeSpan.Zero)
        {
            driver.ExecuteCdpCommand("Network.disable", []);
        }
    }

    /// <summary>Whether a change waits for its answer; of pages that are opened after <see cref="Watch"/>.</summary>
    public bool IsSending => (bool)Script("return window.changesOnTheirWay > 0")!;

    /// <summary>Lets the pages opened from here on count the changes that are not answered yet.</summary>
    public void Watch() =>
        driver.ExecuteCdpCommand(
            "Page.addScriptToEvaluateOnNewDocument",
            new Dictionary<string, object?>
            {
                ["source"] = """
                window.changesOnTheirWay = 0;
                const send = window.fetch;
                window.fetch = (what, how) => {
                  const isChange = what.method === 'PUT';
                  window.changesOnTheirWay += isChange ? 1 : 0;
                  return send(what, how).finally(() => (window.changesOnTheirWay -= isChange ? 1 : 0));
                };
                """,
            }
        );

    /// <summary>Shows the page as it is printed.</summary>
    public void AsPrinted() =>
        driver.ExecuteCdpCommand("Emulation.setEmulatedMedia", new Dictionary<string, object?> { ["media"] = "print" });

    /// <summary>Prints the page into a file, on the paper that it asks for.</summary>
    public void Pdf(string path)
    {
        var printed =
            (Dictionary<string, object?>)
                driver.ExecuteCdpCommand(
                    "Page.printToPDF",
                    new Dictionary<string, object?> { ["preferCSSPageSize"] = true, ["printBackground"] = true }
                )!;
        File.WriteAllBytes(path, Convert.FromBase64String((string)printed["data"]!));
    }

    public void PreferDark(bool dark = true) =>
        driver.ExecuteCdpCommand(
            "Emulation.setEmulatedMedia",
            new Dictionary<string, object?>
            {
                ["features"] = new[]
                {
                    new Dictionary<string, object>
                    {
                        ["name"] = "prefers-color-scheme",
                        ["value"] = dark ? "dark" : "light",
                    },
                },
            }
        );

    /// <summary>What the page says, of all that can be seen of it.</summary>
    public string Says => (string)Script("return document.body.innerText")!;

    /// <summary>A second tab of the same browser, so that both share what it keeps.</summary>
    public void SwitchToNewTab() => driver.SwitchTo().NewWindow(WindowType.Tab);

    public void SwitchToTab(int index) => driver.SwitchTo().Window(driver.WindowHandles[index]);
}
