using Krasis.App.Shared;
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
        var options = KrasisOptions.From([
            "--data",
            "a.db",
            "--port",
            "0",
            "--listen",
            "0.0.0.0",
            "--host",
            "bar.lan",
            "--host",
            "192.168.1.20",
            "--demo",
            "--backup-every",
            "6h",
            "--backup-keep",
            "3",
            "--backup-folder",
            "b",
        ]);

        Assert.Equal(
            ("a.db", 0, "0.0.0.0", true),
            (options.DataFile, options.Port, options.Listen.ToString(), options.Demo)
        );
        Assert.Equal(["bar.lan", "192.168.1.20"], options.Hosts);
        Assert.Equal((TimeSpan.FromHours(6), 3, "b"), (options.CopyEvery, options.CopiesKept, options.CopiesFolder));
    }

    [Theory]
    [InlineData("1min", 1)]
    [InlineData("90m", 90)]
    [InlineData("2d", 2880)]
    [InlineData("30d", 43200)]
    public void A_time_is_said_with_its_unit(string text, int minutes) =>
        Assert.Equal(TimeSpan.FromMinutes(minutes), KrasisOptions.From(["--backup-every", text]).CopyEvery);

    [Fact]
    public void Other_machines_are_let_in_by_name_only()
    {
        Assert.Contains(
            "--host",
            Assert.Throws<KrasisOptionsException>(() => KrasisOptions.From(["--listen", "0.0.0.0"])).Message,
            StringComparison.Ordinal
        );
        Assert.Contains(
            "delete everything",
            Assert.Throws<KrasisOptionsException>(() => KrasisOptions.From(["--listen", "192.168.1.20"])).Message,
            StringComparison.Ordinal
        );
        Assert.Empty(KrasisOptions.From(["--listen", "::1"]).Hosts);
    }

    [Theory]
    [InlineData("--port", "70000")]
    [InlineData("--port", "-1")]
    [InlineData("--port", "http")]
    [InlineData("--port")]
    [InlineData("--listen", "here")]
    [InlineData("--data", "")]
    [InlineData("--verbose")]
    [InlineData("--host", "http://bar.lan")]
    [InlineData("--backup-every", "0h")]
    [InlineData("--backup-every", "31d")]
    [InlineData("--backup-every", "6")]
    [InlineData("--backup-every", "99999999999999h")]
    [InlineData("--backup-keep", "0")]
    [InlineData("--backup-folder", "")]
    public void A_word_that_is_not_understood_is_told(params string[] args) =>
        Assert.Contains(
            args[0],
            Assert.Throws<KrasisOptionsException>(() => KrasisOptions.From(args)).Message,
            StringComparison.Ordinal
        );

    [Fact]
    public void The_machine_s_clock_is_gone_by_unless_a_test_has_set_another()
    {
        Assert.Same(TimeProvider.System, KrasisOptions.From([]).Clock);

        // Nothing else in this process reads the variable.
        Assert.Contains(
            "for tests alone",
            Assert
                .Throws<KrasisOptionsException>(() => KrasisOptions.From(["--clock", "2026-11-25T09:00:00Z"]))
                .Message,
            StringComparison.Ordinal
        );
        Environment.SetEnvironmentVariable(TestClock.Permission, "1");
        try
        {
            var clock = KrasisOptions.From(["--clock", "2027-02-28T23:58:00Z"]).Clock;
            Assert.Equal(new DateOnly(2027, 2, 28), clock.Today());
            Assert.InRange(
                clock.GetUtcNow() - new DateTimeOffset(2027, 2, 28, 23, 58, 0, TimeSpan.Zero),
                TimeSpan.Zero,
                TimeSpan.FromSeconds(90)
            );
            Assert.Contains(
                "yesterday",
                Assert.Throws<KrasisOptionsException>(() => KrasisOptions.From(["--clock", "yesterday"])).Message,
                StringComparison.Ordinal
            );
        }
        finally
        {
            Environment.SetEnvironmentVariable(TestClock.Permission, null);
        }
    }
}
