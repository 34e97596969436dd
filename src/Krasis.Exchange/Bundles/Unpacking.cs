using System.IO.Compression;

namespace Krasis.Exchange.Bundles;

/// <summary>Unpacks the entries of one bundle, within the limit of one bundle and the budget of all. Disposing of it
/// releases what it used of the budget.</summary>
/// <param name="budget">The limit for all bundles that are being read.</param>
internal sealed class Unpacking(UnpackingBudget budget) : IDisposable
{
    private const int Piece = 81_920;

    private long unpacked;

    /// <summary>Unpacks an entry, whatever size it claims to have.</summary>
    /// <param name="entry">The entry.</param>
    /// <param name="most">The most that it may hold, in bytes.</param>
    /// <returns>Its content; null if it is larger than it, or the whole bundle, may be.</returns>
    /// <exception cref="OverBudgetException">Other bundles are using the budget.</exception>
    public ReadOnlyMemory<byte>? Read(ZipArchiveEntry entry, long most)
    {
        using var stream = entry.Open();
        using var content = new MemoryStream();
        var buffer = new byte[Piece];
        for (int read; (read = stream.Read(buffer)) > 0; )
        {
            if (content.Length + read > most || unpacked + read > BundleFile.LargestContent)
            {
                return null;
            }

            if (!budget.TryTake(read))
            {
                throw new OverBudgetException();
            }

            unpacked += read;
            content.Write(buffer, 0, read);
        }

        return content.GetBuffer().AsMemory(0, (int)content.Length);
    }

    public void Dispose() => budget.GiveBack(unpacked);

    /// <summary>Other bundles are using the budget.</summary>
    internal sealed class OverBudgetException : Exception;
}
