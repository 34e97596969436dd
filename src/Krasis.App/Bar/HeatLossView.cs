using Krasis.Core.Quantities;

namespace Krasis.App.Bar;

/// <summary>A cup's heat loss.</summary>
/// <param name="HeatLoss">Heat that it loses for each kelvin between drink and room.</param>
public sealed record HeatLossView(WattsPerKelvin HeatLoss);
