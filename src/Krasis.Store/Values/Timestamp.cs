using System.Globalization;

namespace Krasis.Store.Values;

/// <summary>How moments stand in the file: in UTC and in one length, so that the text sorts as the time does.</summary>
public static class Timestamp
{
    /// <summary>A moment as the file has it.</summary>
    /// <example>10:30 in Berlin on 1 March 2026: <c>2026-03-01T09:30:00.0000000+00:00</c>.</example>
    public static string Write(DateTimeOffset at) => at.ToUniversalTime().ToString("O", CultureInfo.InvariantCulture);

    /// <summary>The moment that the file has like this.</summary>
    public static DateTimeOffset Read(string written) => DateTimeOffset.Parse(written, CultureInfo.InvariantCulture);
}
