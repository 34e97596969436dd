using System.IO.Compression;

namespace Krasis.Exchange.Bundles;

/// <summary>Unpacks the entries of one bundle, as far as one bundle may go and as there is room beside others. The room
/// is given back when it is disposed of.</summary>
/// <param name="room">What all bundles that are being read may take.</param>
internal sealed class Unpacking(UnpackingRoom room) : IDisposable
{
    private const int Piece = 81_920;

    private long unpacked;

    /// <summary>Unpacks an entry. What it says of its size is not believed.</summary>
    /// <param name="entry">The entry.</param>
    /// <param name="most">The most that it may hold, in bytes.</param>
    /// <returns>Its content; null where that is more than it, or the bundle as a whole, may hold.</returns>
    /// <exception cref="NoRoomException">Other bundles that are being read leave no room for it.</exception>
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

            if (!room.TryTake(read))
            {
                throw new NoRoomException();
            }

            unpacked += read;
            content.Write(buffer, 0, read);
        }

        return content.GetBuffer().AsMemory(0, (int)content.Length);
    }

    public void Dispose() => room.GiveBack(unpacked);

    /// <summary>Other bundles leave no room for this one.</summary>
    internal sealed class NoRoomException : Exception;
}
