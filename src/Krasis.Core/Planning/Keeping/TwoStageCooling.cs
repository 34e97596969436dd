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

    /// <summary>What is to be done with a batch by how warm it is.</summary>
    /// <param name="minutes">How long it has been cooling since it was at 57 °C, min; not below zero.</param>
    /// <param name="celsius">How warm it is now.</param>
    public static CoolingVerdict Judge(double minutes, double celsius) =>
        (minutes, celsius) switch
        {
            (_, <= ColdCelsius) when minutes <= WholeMinutes => CoolingVerdict.Cold,
            (> WholeMinutes, _) => CoolingVerdict.TooSlow,
            (> FirstMinutes, > MiddleCelsius) => CoolingVerdict.TooSlow,
            (_, <= MiddleCelsius) => CoolingVerdict.SecondStage,
            _ => CoolingVerdict.FirstStage,
        };
}
