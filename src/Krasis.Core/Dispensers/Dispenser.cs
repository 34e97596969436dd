using Krasis.Core.Ingredients;
using Krasis.Core.Measures;

namespace Krasis.Core.Dispensers;

/// <summary>A pump or bottle that gives one ingredient by the stroke.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the bar calls it.</param>
/// <param name="Holds">The ingredient in it.</param>
/// <param name="YieldPerStroke">What one stroke gives, as measured.</param>
public sealed record Dispenser(string Id, string Name, IngredientId Holds, Millilitres YieldPerStroke);
