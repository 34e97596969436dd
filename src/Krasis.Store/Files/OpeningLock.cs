using System.Security.Cryptography;
using System.Text;

namespace Krasis.Store.Files;

/// <summary>Lets one program after another open a data file: two that start at once would both bring it up to
/// date.</summary>
internal sealed class OpeningLock : IDisposable
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(60);

    private readonly Mutex mutex;

    private OpeningLock(Mutex mutex)
    {
        this.mutex = mutex;
    }

    /// <summary>Waits for its turn; to be disposed by the same thread when the file is open.</summary>
    /// <param name="path">The data file.</param>
    /// <exception cref="KrasisFileException">The other one does not end.</exception>
    public static OpeningLock Take(string path)
    {
        var mutex = new Mutex(
            initiallyOwned: false,
            $"krasis-{Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(path)))[..32]}",
            new NamedWaitHandleOptions { CurrentSessionOnly = false }
        );
        try
        {
            if (mutex.WaitOne(Patience))
            {
                return new OpeningLock(mutex);
            }
        }
        catch (AbandonedMutexException)
        {
            // The other one was killed while it opened the file: now it is this one's turn, and SQLite takes back what
            // was half done.
            return new OpeningLock(mutex);
        }

        mutex.Dispose();
        throw new KrasisFileException(
            $"Another Krasis has been opening '{path}' for {Patience.TotalSeconds:0} seconds. Stop it, or choose another file with --data."
        );
    }

    public void Dispose()
    {
        mutex.ReleaseMutex();
        mutex.Dispose();
    }
}
