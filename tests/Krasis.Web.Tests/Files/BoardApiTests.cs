using System.Text.Json.Nodes;
using System.Xml.Linq;
using Krasis.Web.Tests.Outside;

namespace Krasis.Web.Tests.Files;

/// <summary>The board as a book and as feeds. With a server of its own: its neighbours publish.</summary>
public sealed class BoardApiTests : IAsyncLifetime
{
    private static readonly XNamespace Atom = "http://www.w3.org/2005/Atom";

    private readonly KrasisServer server = new();

    public ValueTask InitializeAsync() => server.InitializeAsync();

    public ValueTask DisposeAsync() => server.DisposeAsync();

    [Theory]
    [InlineData("", "595 x 842")]
    [InlineData("?station=kiosk&letter=true", "612 x 792")]
    public async Task The_book_is_a_whole_PDF_with_its_fonts_and_text_that_can_be_copied(string query, string paper)
    {
        var bytes = await server.Http.GetByteArrayAsync(
            new Uri($"/api/files/book.pdf{query}", UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        var path = Path.Combine(Directory.CreateTempSubdirectory("krasis-book-").FullName, "book.pdf");
        await File.WriteAllBytesAsync(path, bytes, TestContext.Current.CancellationToken);
        try
        {
            // qpdf's own check, and poppler's readers.
            var (code, said) = OutsideProgram.Run("qpdf", "--check", path);
            Assert.True(code == 0, said);
            Assert.Contains(paper, OutsideProgram.Run("pdfinfo", path).Said, StringComparison.Ordinal);
            var fonts = OutsideProgram
                .Run("pdffonts", path)
                .Said.Split('\n', StringSplitOptions.RemoveEmptyEntries)
                .Skip(2)
                .ToList();
            Assert.NotEmpty(fonts);
            Assert.All(fonts, font => Assert.Matches(@"\byes yes (?:yes|no)\s", font));

            // Each drink of the board is in the contents and on a page of its own, with its amounts; and in the
            // outline.
            var text = OutsideProgram.Run("pdftotext", "-layout", path, "-").Said;
            var outline = OutsideProgram.Run("qpdf", "--json", "--json-key=outlines", path).Said;
            var pages = text.Split('\f');
            var station = query.Contains("kiosk", StringComparison.Ordinal) ? "kiosk" : "bar";
            var board = (await server.Get($"/api/service?station={station}")).Json["drinks"]!.AsArray();
            Assert.NotEmpty(board);
            foreach (var name in board.Select(drink => (string)drink!["name"]!))
            {
                Assert.Contains(name, pages[1], StringComparison.Ordinal);
                var page = Array.FindIndex(pages, one => one.TrimStart().StartsWith(name, StringComparison.Ordinal));
                Assert.True(page > 2, name);
                Assert.Matches($@"{System.Text.RegularExpressions.Regex.Escape(name)}\s+{page + 1}\b", pages[1]);
                Assert.Contains($"\"{name}\"", outline, StringComparison.Ordinal);
            }

            Assert.Contains("Allergens and nutrition", text, StringComparison.Ordinal);
            Assert.Contains("Your local food code", text, StringComparison.Ordinal);
        }
        finally
        {
            Directory.Delete(Path.GetDirectoryName(path)!, recursive: true);
        }
    }

    [Fact]
    public async Task A_book_of_no_station_is_refused() =>
        Assert.Equal(422, (await server.Get("/api/files/book.pdf?station=moon")).Status);

    [Fact]
    public async Task The_board_is_nobody_s_until_the_lead_says_so()
    {
        Assert.Equal((404, "The board is not public."), await Closed("/feeds/board.json"));
        Assert.Equal((404, "The board is not public."), await Closed("/feeds/board.atom"));

        Assert.Equal(200, (await server.Put("/api/files/feeds", new { isPublic = true }, null)).Status);
        var feed = (await server.Get("/feeds/board.json")).Json;
        var board = (await server.Get("/api/service")).Json["drinks"]!
            .AsArray()
            .Select(drink => (string)drink!["name"]!)
            .ToList();
        Assert.Equal(
            board.Order(StringComparer.Ordinal),
            feed["drinks"]!.AsArray().Select(drink => (string)drink!["name"]!).Order(StringComparer.Ordinal)
        );

        // How it is made stays in the house.
        Assert.DoesNotContain("amount", feed.ToJsonString(), StringComparison.OrdinalIgnoreCase);
        Assert.All(feed["drinks"]!.AsArray(), drink => Assert.NotEmpty(drink!["sizes"]!.AsArray()));

        Assert.Equal(200, (await server.Put("/api/files/feeds", new { isPublic = false }, null)).Status);
        Assert.Equal(404, (await server.Get("/feeds/board.json")).Status);

        async Task<(int, string?)> Closed(string path) =>
            await server.Get(path) is var answer ? (answer.Status, (string?)answer.Json["title"]) : default;
    }

    // RFC 4287, 4.1.1 and 4.1.2: what a feed and its entries must have.
    [Fact]
    public async Task The_Atom_feed_has_what_a_feed_must_have()
    {
        await server.Put("/api/files/feeds", new { isPublic = true }, null);
        var answer = await server.Get("/feeds/board.atom");
        Assert.Equal("application/atom+xml", answer.ContentType);
        var feed = XDocument.Parse(answer.Text).Root!;
        Assert.Equal(Atom + "feed", feed.Name);
        var ids = new List<string>();
        foreach (var one in feed.Elements(Atom + "entry").Prepend(feed))
        {
            ids.Add(Assert.Single(one.Elements(Atom + "id")).Value);
            Assert.True(Uri.TryCreate(ids[^1], UriKind.Absolute, out _));
            Assert.NotEqual("", Assert.Single(one.Elements(Atom + "title")).Value);
            Assert.Matches(@"^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\dZ$", Assert.Single(one.Elements(Atom + "updated")).Value);
        }

        Assert.Equal(ids.Count, ids.Distinct().Count());
        Assert.NotNull(feed.Element(Atom + "author")!.Element(Atom + "name"));
        Assert.Equal(
            new Uri(server.Http.BaseAddress!, "/feeds/board.atom").AbsoluteUri,
            (string?)
                feed.Elements(Atom + "link").Single(link => (string?)link.Attribute("rel") == "self").Attribute("href")
        );
    }

    [Fact]
    public async Task A_screen_of_elsewhere_may_read_the_feed_and_nothing_else()
    {
        await server.Put("/api/files/feeds", new { isPublic = true }, null);
        Assert.Equal((200, "*"), await Asked(HttpMethod.Get, "/feeds/board.json"));
        Assert.Equal((403, null), await Asked(HttpMethod.Get, "/api/builds"));
        Assert.Equal((403, null), await Asked(HttpMethod.Put, "/api/files/feeds"));
        Assert.Equal((403, null), await Asked(HttpMethod.Post, "/feeds/board.json"));

        async Task<(int, string?)> Asked(HttpMethod method, string path)
        {
            using var request = new HttpRequestMessage(method, path);
            request.Headers.Add("Origin", "http://menu.example");
            if (method != HttpMethod.Get)
            {
                request.Content = new StringContent(
                    new JsonObject { ["isPublic"] = false }.ToJsonString(),
                    System.Text.Encoding.UTF8,
                    "application/json"
                );
            }

            using var answer = await server.Http.SendAsync(request, TestContext.Current.CancellationToken);
            return (
                (int)answer.StatusCode,
                answer.Headers.TryGetValues("Access-Control-Allow-Origin", out var allowed) ? allowed.Single() : null
            );
        }
    }
}
