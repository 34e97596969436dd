namespace Krasis.Exchange.Bundles;

/// <summary>How much may be unpacked at once of all bundles that are being read: several large ones sent together must
/// not take the machine's memory. Safe to share between threads.</summary>
/// <param name="most">The most, in bytes; above zero.</param>
public sealed class UnpackingRoom(long most)
{
    private long taken;

    /// <summary>Takes some of it.</summary>
    /// <param name="bytes">How much; zero or more.</param>
    /// <returns>Whether there was as much; where not, nothing is taken.</returns>
    public bool TryTake(long bytes)
    {
        if (Interlocked.Add(ref taken, bytes) <= most)
        {
            return true;
        }

        GiveBack(bytes);
        return false;
    }

    /// <summary>Gives back what was taken.</summary>
    /// <param name="bytes">How much.</param>
    public void GiveBack(long bytes) => Interlocked.Add(ref taken, -bytes);
}
