namespace Krasis.Core.Bar.House;

/// <summary>How sweet a gram of each sugar is against a gram of sucrose, as the house holds it.</summary>
public sealed record SweetnessDocument
{
    /// <summary>Of glucose.</summary>
    public double? Glucose { get; init; }

    /// <summary>Of fructose.</summary>
    public double? Fructose { get; init; }

    /// <summary>Of lactose.</summary>
    public double? Lactose { get; init; }

    /// <summary>Of maltose.</summary>
    public double? Maltose { get; init; }

    /// <summary>Galactose.</summary>
    public double? Galactose { get; init; }
}
