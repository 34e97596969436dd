namespace Krasis.Core.Planning.Keeping;

/// <summary>How warm a batch was when.</summary>
/// <param name="Minutes">When it was measured, in minutes after the batch was begun; below zero it is of another batch.
/// </param>
/// <param name="Celsius">How warm it was; null where it is only said that it left the heat.</param>
public sealed record CoolingReading(double Minutes, double? Celsius);
