using System.Globalization;

namespace Krasis.Web.Hosting;

/// <summary>A clock that was set by a test and runs on from there, in UTC wherever the machine stands: so that what the
/// program shows on a day does not depend on the day it is tested.</summary>
/// <param name="start">What it shows at first.</param>
public sealed class TestClock(DateTimeOffset start) : TimeProvider
{
    /// <summary>The option that sets it.</summary>
    public const string Option = "--clock";

    /// <summary>The environment variable without which the option is refused: a bar's records must not be dated by a
    /// slip.</summary>
    public const string Permission = "KRASIS_TESTS";

    private readonly long began = System.GetTimestamp();

    /// <inheritdoc/>
    public override TimeZoneInfo LocalTimeZone => TimeZoneInfo.Utc;

    /// <inheritdoc/>
    public override DateTimeOffset GetUtcNow() => start + System.GetElapsedTime(began);

    /// <summary>Reads the option's value, such as <c>2026-11-25T09:00:00Z</c>.</summary>
    /// <exception cref="KrasisOptionsException">It is no instant, or this is no test.</exception>
    internal static TestClock Read(string text)
    {
        if (Environment.GetEnvironmentVariable(Permission) != "1")
        {
            throw new KrasisOptionsException($"{Option} is for tests alone; Krasis goes by the machine's clock.");
        }

        return DateTimeOffset.TryParse(
            text,
            CultureInfo.InvariantCulture,
            DateTimeStyles.AssumeUniversal | DateTimeStyles.AdjustToUniversal,
            out var start
        )
            ? new TestClock(start)
            : throw new KrasisOptionsException($"{Option} {text}: give an instant such as 2026-11-25T09:00:00Z.");
    }
}
