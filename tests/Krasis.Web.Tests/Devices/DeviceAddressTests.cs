using Krasis.Web.Hosting;

namespace Krasis.Web.Tests.Devices;

/// <summary>The addresses of devices on the command line.</summary>
public class DeviceAddressTests
{
    [Theory]
    [InlineData("tcp:192.168.1.40:9100")]
    [InlineData("tcp:printer.lan:9100")]
    [InlineData("tcp:[::1]:9100")]
    [InlineData("/dev/ttyUSB0")]
    [InlineData("pdf:/var/labels")]
    public void A_printer_s_address_is_read(string address) =>
        Assert.NotNull(KrasisOptions.From(["--printer", address]));

    [Theory]
    [InlineData("--printer", "tcp:host")]
    [InlineData("--printer", "tcp:host:0")]
    [InlineData("--printer", "tcp:host:70000")]
    [InlineData("--printer", "tcp::9100")]
    [InlineData("--printer", "pdf:")]
    [InlineData("--printer", "nonsense")]
    [InlineData("--scale", "pdf:/x")]
    [InlineData("--scale", "ttyUSB0")]
    public void What_is_no_address_is_refused_with_what_would_be_one(string option, string address)
    {
        var refused = Assert.Throws<KrasisOptionsException>(() => KrasisOptions.From([option, address]));
        Assert.Contains($"{option} {address}", refused.Message, StringComparison.Ordinal);
        Assert.Contains("tcp:", refused.Message, StringComparison.Ordinal);
    }
}
