namespace Krasis.Exchange.Bundles;

/// <summary>Limits how much of all bundles may be in memory while they are read, so that several large bundles sent
/// together do not exhaust it. Threads may share it.</summary>
/// <param name="most">The most, in bytes; above zero.</param>
public sealed class UnpackingBudget(long most)
{
    private long taken;

    /// <summary>Reserves some of it.</summary>
    /// <param name="bytes">How much; zero or more.</param>
    /// <returns>Whether that much was left. If not, nothing is reserved.</returns>
    public bool TryTake(long bytes)
    {
        if (Interlocked.Add(ref taken, bytes) <= most)
        {
            return true;
        }

        GiveBack(bytes);
        return false;
    }

    /// <summary>Releases what was reserved.</summary>
    /// <param name="bytes">How much.</param>
    public void GiveBack(long bytes) => Interlocked.Add(ref taken, -bytes);
}
