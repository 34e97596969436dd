using Krasis.Web.Hosting;

namespace Krasis.Web.Tests.Hosting;

public class OptionsTests
{
    [Fact]
    public void Without_a_word_it_listens_on_loopback_alone()
    {
        var options = KrasisOptions.From([]);

        Assert.Equal(("127.0.0.1", 5180, false), (options.Listen.ToString(), options.Port, options.Demo));
    }

    [Fact]
    public void Every_word_is_heard()
    {
        var options = KrasisOptions.From(["--data", "a.db", "--port", "0", "--listen", "0.0.0.0", "--demo"]);

        Assert.Equal(("a.db", 0, "0.0.0.0", true), (options.DataFile, options.Port, options.Listen.ToString(), options.Demo));
    }

    [Theory]
    [InlineData("--port", "70000")]
    [InlineData("--port", "-1")]
    [InlineData("--port", "http")]
    [InlineData("--port")]
    [InlineData("--listen", "here")]
    [InlineData("--data", "")]
    [InlineData("--verbose")]
    public void A_word_that_is_not_understood_is_told(params string[] args) =>
        Assert.Contains(args[0], Assert.Throws<KrasisOptionsException>(() => KrasisOptions.From(args)).Message, StringComparison.Ordinal);
}
