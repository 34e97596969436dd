namespace Krasis.Core.Planning.Keeping;

/// <summary>How warm a batch was when.</summary>
/// <param name="At">When it was measured.</param>
/// <param name="Celsius">How warm it was; null where it is only said that it left the heat.</param>
public sealed record CoolingReading(DateTimeOffset At, double? Celsius);
