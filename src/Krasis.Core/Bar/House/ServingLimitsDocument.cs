namespace Krasis.Core.Bar.House;

/// <summary>What a served cup is held to, as it is entered and stored. What is missing takes the usual value.</summary>
public sealed record ServingLimitsDocument
{
    /// <summary>The warmest that a cold drink may be handed over, °C; 8 when it is missing.</summary>
    public double? ColdToCelsius { get; init; }

    /// <summary>How full a cup must be, % of what fits below the reserve; 85 when it is missing.</summary>
    public double? LeastFillPercent { get; init; }

    /// <summary>The least ice in a drink over ice, % of what the cup holds, as g to ml; 25 when it is missing.</summary>
    public double? LeastIcePercent { get; init; }

    /// <summary>How far a pull's yield may be off its recipe, g either way; 2 when it is missing.</summary>
    public double? YieldToleranceGrams { get; init; }

    /// <summary>The least ice to a ml of liquid in the blender, g; 0.8 when it is missing.</summary>
    public double? BlendedIceFrom { get; init; }

    /// <summary>The most ice to a ml of liquid in the blender, g; 1.4 when it is missing.</summary>
    public double? BlendedIceTo { get; init; }

    /// <summary>The volume of the blender jar, ice included, ml; no limit when it is missing.</summary>
    public double? JarMl { get; init; }

    /// <summary>The least milk to a gram of coffee in a hot drink, g; 3 when it is missing.</summary>
    public double? HotMilkFrom { get; init; }

    /// <summary>The most milk to a gram of coffee in a hot drink, g; 6 when it is missing.</summary>
    public double? HotMilkTo { get; init; }

    /// <summary>The least milk to a gram of coffee in a drink over ice, g; 2.5 when it is missing.</summary>
    public double? IcedMilkFrom { get; init; }

    /// <summary>The most milk to a gram of coffee in a drink over ice, g; 5 when it is missing.</summary>
    public double? IcedMilkTo { get; init; }

    /// <summary>The most that a drink may cost, % of its price; 30 when it is missing.</summary>
    public double? CostSharePercent { get; init; }

    /// <summary>The most caffeine in a cup, mg; 400 when it is missing.</summary>
    public double? MostCaffeineMg { get; init; }
}
