namespace Krasis.Web.Features.Bar;

/// <summary>Nothing is measured of it.</summary>
public sealed record NothingMeasured;
