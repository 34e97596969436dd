namespace Krasis.Store.Files;

/// <summary>Held by the one program that serves a data file. A second program would answer from old data, and after a
/// restore the first one would keep writing into the old file.</summary>
/// <remarks>It is an empty file beside the data file, locked for as long as the program runs; it stays when the program
/// ends, and the lock does not, however it ends.</remarks>
public sealed class ServingLock : IDisposable
{
    private readonly FileStream held;

    private ServingLock(FileStream held) => this.held = held;

    /// <summary>Takes it.</summary>
    /// <param name="dataFile">The data file; it need not be there yet.</param>
    /// <param name="instead">What to do where another program has it, as a sentence.</param>
    /// <exception cref="KrasisFileException">Another program has it, or the folder cannot be written.</exception>
    public static ServingLock Take(string dataFile, string instead)
    {
        var full = Path.GetFullPath(dataFile);
        try
        {
            Directory.CreateDirectory(Path.GetDirectoryName(full)!);
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            throw new KrasisFileException($"The folder of '{full}' cannot be written: {e.Message}", e);
        }

        try
        {
            return new ServingLock(
                new FileStream(full + ".serving", FileMode.OpenOrCreate, FileAccess.ReadWrite, FileShare.None)
            );
        }
        catch (Exception e)
            when (e is UnauthorizedAccessException or PathTooLongException or DirectoryNotFoundException)
        {
            throw new KrasisFileException($"'{full}.serving' cannot be written: {e.Message}", e);
        }
        catch (IOException e)
        {
            throw new KrasisFileException($"Another Krasis serves '{full}' already. {instead}", e);
        }
    }

    /// <summary>Gives it back.</summary>
    public void Dispose() => held.Dispose();
}
