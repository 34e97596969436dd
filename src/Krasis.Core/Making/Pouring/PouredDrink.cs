namespace Krasis.Core.Making.Pouring;

/// <summary>What a drink came to when it was made.</summary>
/// <param name="Drink">What it is called.</param>
/// <param name="Makes">How often it was made.</param>
/// <param name="MedianSeconds">How long half of them took at the most, s.</param>
/// <param name="Allowed">How many of them were as near to the standard as the house allows.</param>
public sealed record PouredDrink(string Drink, int Makes, double MedianSeconds, int Allowed);
