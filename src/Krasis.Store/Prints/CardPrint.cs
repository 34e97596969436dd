using System.Globalization;

namespace Krasis.Store.Prints;

/// <summary>Cards of a drink that were printed and of which there is a later standard by now.</summary>
public sealed record CardPrint(string Build, string Station, long Standard, long Last, string PrintedAt)
{
    /// <summary>When they were printed.</summary>
    public DateTimeOffset At => DateTimeOffset.Parse(PrintedAt, CultureInfo.InvariantCulture);
}
