namespace Krasis.Core.Planning.Expecting;

/// <summary>How many cups were sold on a day.</summary>
/// <param name="Day">The day.</param>
/// <param name="What">The drink, its size and the station.</param>
/// <param name="Cups">How many, from 0.</param>
public sealed record Sold(DateOnly Day, DrinkSize What, double Cups);
