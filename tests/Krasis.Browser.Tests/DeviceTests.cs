using System.Net.Sockets;
using System.Text;

namespace Krasis.Browser.Tests;

/// <summary>A label printer and a scale at the ends of real sockets: printed and weighed from end to end.</summary>
public sealed class DeviceTests : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("krasis-labels-").FullName;

    public void Dispose() => Directory.Delete(folder, recursive: true);

    [Fact]
    public void Labels_are_printed_with_codes_that_can_be_read()
    {
        using var printer = new DeviceProcess("simulated-printer", folder);
        using var server = new KrasisHost(demo: true, "--printer", printer.Address);
        using var tab = new Tab(server.Address);
        tab.Open("/prep/labels").Find("[data-test=label]");
        tab.Click("[data-test=to-printer]");
        tab.UntilText("[data-test=sent]", "printed.");
        var labels = tab.All("[data-test=label]").Select(label => label.Text).ToList();
        tab.Until("the labels", () => Directory.GetFiles(folder, "*.pbm").Length == labels.Count);

        // zbar reads the code on the paper: it leads to the lot whose name stands beside it.
        foreach (var path in Directory.GetFiles(folder, "*.pbm"))
        {
            var code = Outside.Run("zbarimg", "-q", "--raw", path).Trim();
            Assert.StartsWith($"{server.Address}prep/lots/", code, StringComparison.Ordinal);
            Assert.Contains(labels, label => label.Contains(code.Split('/')[^1], StringComparison.Ordinal));
        }

        // Without paper in it nothing is said to be printed.
        printer.Pull();
        tab.Click("[data-test=to-printer]");
        tab.UntilText("[role=status], [role=alert]", "does not answer");
    }

    [Fact]
    public void Labels_go_into_a_folder_as_PDF_where_the_printer_takes_it_from_there()
    {
        using var server = new KrasisHost(demo: true, "--printer", $"pdf:{folder}");
        using var tab = new Tab(server.Address);
        tab.Open("/prep/labels").ChooseOption("[data-test=sheet]", "One by one, 62 × 40 mm");
        tab.Find("[data-test=label]");
        tab.Click("[data-test=to-printer]");
        tab.UntilText("[data-test=sent]", "printed.");
        var pdf = Assert.Single(Directory.GetFiles(folder));
        var said = Outside.Run("pdfinfo", pdf);
        Assert.Contains($"Pages:           {tab.All("[data-test=label]").Count}", said, StringComparison.Ordinal);
        Assert.Matches(@"Page size:\s+175\.7\d* x 113\.3\d*", said);
    }

    [Fact]
    public void A_drink_is_made_with_the_scale_of_the_bar()
    {
        using var scale = new DeviceProcess("simulated-scale");
        using var server = new KrasisHost(demo: true, "--scale", scale.Address);
        using var tab = new Tab(server.Address);
        tab.Open("/service").Click("[data-test=drink][data-name='Black sesame latte']");
        tab.Until("the cups", () => tab.All("[data-test=size]").Count > 1);
        tab.All("[data-test=size]")[1].Click();
        tab.Click("[data-test=along]");
        tab.Click("[data-test=begin]");
        tab.Click("[data-test=scale-open]");
        tab.ClickText("Use: The bar's scale");
        tab.Click("[data-test=scale-connect]");
        tab.UntilText("[data-test=scale-says]", "At rest");

        // 27 g of sauce, and it goes on by itself to the shot.
        using var hand = new TcpClient("127.0.0.1", scale.Port);
        hand.GetStream().Write(Encoding.ASCII.GetBytes("+27\n"));
        tab.Until("the shot", () => tab.TextOf("[data-test=figure]") == "2 shots");

        // Its plug is pulled.
        scale.Pull();
        tab.UntilText("[data-test=scale-says]", "The scale is gone.");
    }

    [Fact]
    public void There_are_no_devices_unless_somebody_says_where()
    {
        using var server = new KrasisHost(demo: true);
        using var tab = new Tab(server.Address);
        tab.Open("/prep/labels").UntilText("[data-test=label]", "Lot");
        Assert.False(tab.Has("[data-test=to-printer]"));
    }
}
