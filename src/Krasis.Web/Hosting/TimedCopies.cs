using Krasis.Store;
using Krasis.Store.Files;

namespace Krasis.Web.Hosting;

/// <summary>Copies the data file again and again while the program runs, and keeps the newest copies.</summary>
/// <param name="file">The data file.</param>
/// <param name="every">How long after one copy the next is due.</param>
/// <param name="keep">How many are kept.</param>
/// <param name="clock">Tells when it is.</param>
/// <param name="log">Where a copy that fails is told.</param>
internal sealed partial class TimedCopies(
    KrasisFile file,
    TimeSpan every,
    int keep,
    TimeProvider clock,
    ILogger<TimedCopies> log
) : BackgroundService
{
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        // A bar that is started every morning has a copy when one is due, and not one a start.
        var due = Last() is { } last ? last + every : clock.GetUtcNow();
        using var minute = new PeriodicTimer(TimeSpan.FromMinutes(1), clock);
        do
        {
            var now = clock.GetUtcNow();
            if (now < due)
            {
                continue;
            }

            due = now + every;
            try
            {
                Make(now);
            }
            catch (Exception e) when (IsOfFiles(e))
            {
                // The bar goes on; the page says when the last copy was made.
                Failed(e.Message);
            }
        } while (await NextMinute(minute, stoppingToken).ConfigureAwait(false));
    }

    private static bool IsOfFiles(Exception e) =>
        e is KrasisFileException or IOException or UnauthorizedAccessException;

    private DateTimeOffset? Last()
    {
        try
        {
            return Copies.Timed(file.Path, file.CopiesFolder) is [var newest, ..] ? newest.At : null;
        }
        catch (Exception e) when (IsOfFiles(e))
        {
            return null;
        }
    }

    private static async Task<bool> NextMinute(PeriodicTimer minute, CancellationToken stopping)
    {
        try
        {
            return await minute.WaitForNextTickAsync(stopping).ConfigureAwait(false);
        }
        catch (OperationCanceledException)
        {
            return false;
        }
    }

    /// <summary>Makes one now, and takes the oldest away.</summary>
    private void Make(DateTimeOffset at)
    {
        Copies.Make(file.Path, Path.Combine(file.CopiesFolder, Copies.NameOf(file.Path, at)));
        Copies.Rotate(file.Path, file.CopiesFolder, keep);
    }

    [LoggerMessage(LogLevel.Error, "No copy was made: {Why}")]
    private partial void Failed(string why);
}
