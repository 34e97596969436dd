namespace Krasis.Core.Planning.Keeping;

/// <summary>A temperature reading of a cooling batch.</summary>
/// <param name="Minutes">When it was taken, in minutes after the batch was started; a negative reading belongs to an
/// earlier batch.</param>
/// <param name="Celsius">The temperature, °C; null means that the batch left the heat.</param>
public sealed record CoolingReading(double Minutes, double? Celsius);
