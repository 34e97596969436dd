namespace Krasis.Core.Bar.Kinds;

/// <summary>Nothing is measured of it.</summary>
public sealed record NothingMeasured;
