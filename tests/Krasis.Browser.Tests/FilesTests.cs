namespace Krasis.Browser.Tests;

/// <summary>What happens to what is entered when the data file goes, and how it is brought back. Each with a program of
/// its own.</summary>
public sealed class FilesTests : IDisposable
{
    private readonly DemoHost server = new();
    private readonly Tab tab;

    public FilesTests() => tab = new Tab(server.Address);

    public void Dispose()
    {
        tab.Dispose();
        server.Dispose();
    }

    [Fact]
    public void What_is_entered_while_the_data_file_is_gone_is_kept_on_the_page_and_saved_when_it_is_back()
    {
        Open("Cardamom latte");
        var away = server.DataFile + ".away";
        File.Move(server.DataFile, away);
        tab.EnterCell(0, "Plover", "4");
        tab.UntilCell(0, "Heron", "6");
        tab.Click("[data-test=save]");
        tab.Until("the sentence", () =>
            tab.Has("[data-test=cannot-keep]")
            && tab.TextOf("[data-test=cannot-keep]").Contains("is not there any more", StringComparison.Ordinal)
        );
        tab.Until("where it is", () => tab.Status == "Kept in this browser");

        // Whatever page is opened, it says so, once something is to be saved there.
        tab.EnterCell(1, "Plover", "1");
        tab.UntilCell(1, "Plover", "1");
        File.Move(away, server.DataFile);
        tab.Until("the save", () => tab.Status == "Saved" && !tab.Has("[data-test=cannot-keep]"));
        tab.Reload();
        tab.UntilCell(0, "Plover", "4");
        tab.UntilCell(1, "Plover", "1");
    }

    [Fact]
    public void What_was_copied_is_brought_back_after_the_worst()
    {
        using var killed = new KrasisProcess(demo: true);
        using var page = new Tab(killed.Address);

        // A schema is there before anything was ever written or read.
        page.Open("/schemas/build-1.json");
        page.UntilText("body", "https://json-schema.org/draft/2020-12/schema");
        page.Open("/files");
        page.Until("how it is copied", () =>
            page.TextOf("[data-test=copies]").Contains("--backup-every", StringComparison.Ordinal)
        );
        Assert.EndsWith("/api/files/copy", page.AttributeOf("[data-test=copy]", "href"), StringComparison.Ordinal);

        var copy = killed.DataFile + ".copy";
        Assert.Contains("was read back", Krasis("backup", copy, "--data", killed.DataFile), StringComparison.Ordinal);
        Open(page, "Cardamom latte");
        page.EnterCell(0, "Plover", "7");
        page.UntilCell(0, "Plover", "7");
        page.Save();

        // Killed, and what is left of the file is not worth reading; its log still lies beside it.
        killed.TakeDown();
        File.WriteAllText(killed.DataFile, "The disk's last words.");
        Assert.Contains(
            "now holds what is in",
            Krasis("restore", copy, "--data", killed.DataFile),
            StringComparison.Ordinal
        );
        Assert.Contains("is good", Krasis("check", "--data", killed.DataFile), StringComparison.Ordinal);
        killed.StartAgain();
        Open(page, "Cardamom latte");
        page.UntilCell(0, "Plover", "2");
    }

    private static string Krasis(params string[] arguments) =>
        Outside.Run(
            "dotnet",
            [Path.Combine(KrasisProcess.Root(), "artifacts", "krasis", "Krasis.Web.dll"), .. arguments]
        );

    private void Open(string name) => Open(tab, name);

    private static void Open(Tab page, string name)
    {
        page.UntilListed(name);
        page.ClickText(name, "[data-test=build] a.name");
        page.Until("the sheet", () => page.Has("[data-band=Cost]"));
    }

    [Fact]
    public void Where_nothing_is_published_there_is_no_book()
    {
        using var server = new KrasisHost();
        using var tab = new Tab(server.Address);
        tab.Open("/files").UntilText("[data-test=no-board]", "Publish one");
        Assert.False(tab.Has("[data-test=book]"));
    }

    [Fact]
    public void The_board_goes_out_as_a_book_and_to_screens_and_all_the_rest_as_tables()
    {
        using var server = new KrasisHost(demo: true);
        using var tab = new Tab(server.Address);
        tab.Open("/files").ChooseOption("[data-test=book-paper]", "Letter");
        tab.Until("the book on Letter", () =>
            tab.AttributeOf("[data-test=book]", "href")!.EndsWith("?station=bar&letter=true", StringComparison.Ordinal)
        );
        Assert.Equal("%PDF", Text(tab.AttributeOf("[data-test=book]", "href")!)[..4]);

        // Nobody may read the board until it is said.
        Assert.False(tab.Has("[data-test=feeds]"));
        tab.Click("#public");
        tab.UntilText("[data-test=feeds]", "board.atom");
        Assert.Contains("Black sesame latte", Text("/feeds/board.json"), StringComparison.Ordinal);

        tab.Click("summary");
        tab.UntilText("[data-test=sheets]", "allergens and nutrition");
        Assert.StartsWith(
            "drink,standard,size,energy_kj",
            Text("/api/files/sheets/board.csv"),
            StringComparison.Ordinal
        );
        Assert.Equal("PK", Text(tab.AttributeOf("[data-test=all-sheets]", "href")!)[..2]);

        string Text(string path)
        {
            using var http = new HttpClient { BaseAddress = server.Address };
            using var answer = http.Send(new HttpRequestMessage(HttpMethod.Get, path));
            using var reader = new StreamReader(answer.Content.ReadAsStream());
            return reader.ReadToEnd();
        }
    }
}
