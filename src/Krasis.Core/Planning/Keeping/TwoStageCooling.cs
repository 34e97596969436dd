namespace Krasis.Core.Planning.Keeping;

/// <summary>Cooling of what has been cooked: from 57 to 21 °C within two hours, and on to 5 °C within four hours more
/// (US Food Code 3-501.14(A)). Local code rules come first.</summary>
public static class TwoStageCooling
{
    /// <summary>From here on the time counts, °C.</summary>
    public const double FromCelsius = 57;

    /// <summary>Where the first stage ends, °C.</summary>
    public const double MiddleCelsius = 21;

    /// <summary>Where the second ends, °C.</summary>
    public const double ColdCelsius = 5;

    /// <summary>How long the first stage may take, min.</summary>
    public const double FirstMinutes = 120;

    /// <summary>How long both may take, min.</summary>
    public const double WholeMinutes = 360;

    /// <summary>When the batch left the heat, in minutes after it was started: the last time that somebody said so, or
    /// measured 57 °C or above. Null when neither was recorded; count from the start of the batch then, which is the
    /// earliest possible.</summary>
    /// <param name="readings">The readings, in any order.</param>
    public static double? LeftTheHeat(IReadOnlyList<CoolingReading> readings) =>
        readings
            .Where(reading => reading.Minutes >= 0 && (reading.Celsius is null or >= FromCelsius))
            .Max(reading => (double?)reading.Minutes);

    /// <summary>How far a batch has cooled. A stage that nobody measured in time is unknown. It never counts as
    /// passed.</summary>
    /// <param name="readings">The readings, in any order.</param>
    /// <param name="now">The time of the verdict, in minutes after the batch was started.</param>
    public static CoolingVerdict Judge(IReadOnlyList<CoolingReading> readings, double now)
    {
        var start = LeftTheHeat(readings) ?? 0;
        var since = readings
            .Where(reading => reading.Celsius is not null && reading.Minutes >= start)
            .Select(reading => (Minutes: reading.Minutes - start, Celsius: reading.Celsius!.Value))
            .ToList();
        var isFirstSeen = since.Exists(reading => reading is { Minutes: <= FirstMinutes, Celsius: <= MiddleCelsius });
        var isFirstMissed = since.Exists(reading => reading is { Minutes: >= FirstMinutes, Celsius: > MiddleCelsius });
        var isCold = since.Exists(reading => reading is { Minutes: <= WholeMinutes, Celsius: <= ColdCelsius });
        var minutes = now - start;
        return (isFirstSeen, isFirstMissed) switch
        {
            (true, _) when isCold => CoolingVerdict.Cold,
            _ when minutes > WholeMinutes => CoolingVerdict.Discard,
            (true, _) => CoolingVerdict.SecondStage,
            (_, true) => CoolingVerdict.FirstMissed,
            _ => minutes <= FirstMinutes ? CoolingVerdict.FirstStage : CoolingVerdict.FirstUnknown,
        };
    }

    /// <summary>A verdict in words, with what to do now.</summary>
    public static string Says(CoolingVerdict verdict) =>
        verdict switch
        {
            CoolingVerdict.FirstStage =>
                "In time so far. It must be at 21 °C or below within 2 hours of leaving the heat: measure it again before then.",
            CoolingVerdict.SecondStage =>
                "At 21 °C or below in time. It must be at 5 °C or below within 6 hours of leaving the heat.",
            CoolingVerdict.Cold => "Cold in time. Put it in the fridge with its label.",
            CoolingVerdict.FirstMissed =>
                "Still above 21 °C after 2 hours. Reheat it to 74 °C at once and cool it faster, or discard it. Your local food code comes first.",
            CoolingVerdict.FirstUnknown =>
                "Nobody measured it at 21 °C or below in the first 2 hours, so it is unknown whether it cooled in time. Treat it as too slow: discard it, unless your local food code says otherwise.",
            _ => "More than 6 hours since it left the heat, and it is not known to have cooled in time. Discard it.",
        };
}
