namespace Krasis.Web.Features.Quantities;

/// <summary>A quantity that was read.</summary>
/// <param name="Amount">How much.</param>
/// <param name="Measure">The code of the measure.</param>
public sealed record QuantityView(double Amount, string Measure);
