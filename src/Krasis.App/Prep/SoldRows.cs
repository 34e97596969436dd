using System.Globalization;
using Krasis.Core.Planning.Expecting;
using Krasis.Store.Prep;

namespace Krasis.App.Prep;

/// <summary>Sold cups as the file has them, and as the core has them.</summary>
public static class SoldRows
{
    /// <summary>What was sold, for the core.</summary>
    public static Sold Read(SoldRow row) =>
        new(
            Kitchen.Day(row.Day),
            new DrinkSize(row.Station, row.Build, row.Size),
            row.Cups,
            [.. (row.Times ?? "").Split(' ', StringSplitOptions.RemoveEmptyEntries).Select(ReadTime)]
        );

    /// <summary>What was sold of one drink and size on a day, for the file.</summary>
    /// <param name="rows">At least one row, all of the same drink, size, station and day.</param>
    public static SoldRow Write(IEnumerable<Sold> rows)
    {
        var all = rows.ToList();
        var times = all.SelectMany(row => row.Times)
            .GroupBy(time => time.Minute, time => time.Cups)
            .OrderBy(minute => minute.Key)
            .Select(minute => string.Create(CultureInfo.InvariantCulture, $"{minute.Key}:{minute.Sum():R}"))
            .ToList();
        var (day, what) = (all[0].Day, all[0].What);
        return new SoldRow(
            Kitchen.Written(day),
            what.Station,
            what.Build,
            what.Size,
            all.Sum(row => row.Cups),
            times.Count == 0 ? null : string.Join(' ', times)
        );
    }

    private static SoldTime ReadTime(string text)
    {
        var parts = text.Split(':');
        return new SoldTime(
            int.Parse(parts[0], CultureInfo.InvariantCulture),
            double.Parse(parts[1], CultureInfo.InvariantCulture)
        );
    }
}
