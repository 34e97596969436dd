namespace Krasis.Core.Planning.Expecting;

/// <summary>How many cups of a drink are expected on a day.</summary>
/// <param name="Day">The day.</param>
/// <param name="What">The drink, its size and the station.</param>
/// <param name="Mean">How many on average, from 0.</param>
/// <param name="Variance">How widely that scatters.</param>
/// <param name="IsTyped">Whether somebody said so; otherwise it was learned from what was sold.</param>
public sealed record Expected(DateOnly Day, DrinkSize What, double Mean, double Variance, bool IsTyped);
