using Krasis.Core.Measures;

namespace Krasis.Core.Bar;

/// <summary>What this house has decided for all its drinks.</summary>
/// <param name="Reserve">Height kept free below the brim in a new build.</param>
/// <param name="LiquidStep">To what milk, coffee and water are rounded.</param>
/// <param name="IceStep">To what ice is rounded.</param>
/// <param name="WeighingStep">To what anything else on the scale is rounded.</param>
/// <param name="AllowedStrengthDrift">How far a size may be from the reference size in strength.</param>
/// <param name="AllowedSweetnessDrift">How far a size may be from the reference size in sweetness.</param>
public sealed record HouseRules(
    Millimetres Reserve,
    Millilitres LiquidStep,
    Grams IceStep,
    Grams WeighingStep,
    Percent AllowedStrengthDrift,
    Percent AllowedSweetnessDrift);
