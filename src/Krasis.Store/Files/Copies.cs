using System.Globalization;
using System.Text.RegularExpressions;
using Dapper;

namespace Krasis.Store.Files;

/// <summary>The copies of a data file: made, kept for a while, and found again.</summary>
public static partial class Copies
{
    private const string Stamp = "yyyyMMdd'T'HHmmss'Z'";

    /// <summary>Where a data file's copies are kept unless somebody says otherwise.</summary>
    /// <param name="dataFile">The data file.</param>
    public static string FolderBeside(string dataFile) =>
        Path.Combine(Path.GetDirectoryName(Path.GetFullPath(dataFile))!, "backups");

    /// <summary>What a copy is called, such as <c>krasis-20261127T144500Z.db</c>.</summary>
    /// <param name="dataFile">The data file.</param>
    /// <param name="at">When it is made.</param>
    /// <param name="why">Why, where it is none of those that are made from time to time, such as <c>before-0014</c>:
    /// such a copy is kept for good.</param>
    public static string NameOf(string dataFile, DateTimeOffset at, string? why = null) =>
        $"{Path.GetFileNameWithoutExtension(dataFile)}-{at.UtcDateTime.ToString(Stamp, CultureInfo.InvariantCulture)}{(why is null ? "" : $"-{why}")}.db";

    /// <summary>Copies a data file while it may be in use. All of it is on the disk before the copy has its
    /// name.</summary>
    /// <param name="from">The data file.</param>
    /// <param name="to">The copy; one that is there already is replaced.</param>
    /// <exception cref="KrasisFileException">It cannot be copied; the message says why.</exception>
    public static void Make(string from, string to)
    {
        var full = Path.GetFullPath(to);
        var half = $"{full}.{Guid.NewGuid():N}.half";
        try
        {
            if (Path.GetFullPath(from) == full)
            {
                throw new KrasisFileException($"'{to}' is the data file itself. Name another file for its copy.");
            }

            Directory.CreateDirectory(Path.GetDirectoryName(full)!);
            using (var connection = DataFileLook.OpenToRead(from))
            {
                connection.Execute("VACUUM INTO @half", new { half });
            }

            if (DataFileLook.Fault(half, isThorough: false) is { } fault)
            {
                throw new KrasisFileException($"The copy of '{from}' is no good: {fault}.");
            }

            using (var written = new FileStream(half, FileMode.Open, FileAccess.ReadWrite))
            {
                written.Flush(flushToDisk: true);
            }

            File.Move(half, full, overwrite: true);
        }
        catch (Microsoft.Data.Sqlite.SqliteException e)
        {
            throw new KrasisFileException(
                $"'{from}' cannot be copied to '{to}': {(DataFileException.Of(e, from) ?? (Exception)e).Message}",
                e
            );
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            throw new KrasisFileException($"'{to}' cannot be written: {e.Message}", e);
        }
        finally
        {
            File.Delete(half);
        }
    }

    /// <summary>The copies of a data file that are made from time to time, the newest first.</summary>
    /// <param name="dataFile">The data file.</param>
    /// <param name="folder">Where they are.</param>
    public static IReadOnlyList<KeptCopy> Timed(string dataFile, string folder) =>
        [.. All(dataFile, folder).Where(copy => !copy.IsForGood)];

    /// <summary>Takes away the oldest of the copies that are made from time to time.</summary>
    /// <param name="dataFile">The data file.</param>
    /// <param name="folder">Where they are.</param>
    /// <param name="keep">How many stay.</param>
    public static void Rotate(string dataFile, string folder, int keep)
    {
        foreach (var old in Timed(dataFile, folder).Skip(keep))
        {
            File.Delete(old.Path);
        }
    }

    /// <summary>The newest copy that can be read from end to end; null where there is none.</summary>
    /// <param name="dataFile">The data file.</param>
    /// <param name="folder">Where the copies are.</param>
    public static KeptCopy? LastGood(string dataFile, string folder) =>
        All(dataFile, folder).FirstOrDefault(copy => DataFileLook.Fault(copy.Path, isThorough: false) is null);

    private static IEnumerable<KeptCopy> All(string dataFile, string folder) =>
        !Directory.Exists(folder)
            ? []
            : from path in Directory.EnumerateFiles(folder, $"{Path.GetFileNameWithoutExtension(dataFile)}-*.db")
            let name = Path.GetFileNameWithoutExtension(path)[(Path.GetFileNameWithoutExtension(dataFile).Length + 1)..]
            let parts = Named().Match(name)
            where parts.Success
            let at = DateTimeOffset.ParseExact(
                parts.Groups[1].Value,
                Stamp,
                CultureInfo.InvariantCulture,
                DateTimeStyles.AssumeUniversal
            )
            orderby at descending
            select new KeptCopy(path, at, parts.Groups[2].Success);

    [GeneratedRegex(@"^(\d{8}T\d{6}Z)(-.+)?$")]
    private static partial Regex Named();
}
