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

    [Fact]
    public void The_machine_s_clock_is_gone_by_unless_a_test_has_set_another()
    {
        Assert.Same(TimeProvider.System, KrasisOptions.From([]).Clock);

        // Nothing else in this process reads the variable.
        Assert.Contains("for tests alone", Assert.Throws<KrasisOptionsException>(() => KrasisOptions.From(["--clock", "2026-11-25T09:00:00Z"])).Message, StringComparison.Ordinal);
        Environment.SetEnvironmentVariable(TestClock.Permission, "1");
        try
        {
            var clock = KrasisOptions.From(["--clock", "2027-02-28T23:58:00Z"]).Clock;
            Assert.Equal(new DateOnly(2027, 2, 28), clock.Today());
            Assert.InRange(clock.GetUtcNow() - new DateTimeOffset(2027, 2, 28, 23, 58, 0, TimeSpan.Zero), TimeSpan.Zero, TimeSpan.FromSeconds(90));
            Assert.Contains("yesterday", Assert.Throws<KrasisOptionsException>(() => KrasisOptions.From(["--clock", "yesterday"])).Message, StringComparison.Ordinal);
        }
        finally
        {
            Environment.SetEnvironmentVariable(TestClock.Permission, null);
        }
    }
}
