using Krasis.Core.Quantities;

namespace Krasis.Core.Working.Life;

/// <summary>A size's heat and ice.</summary>
/// <param name="Condensate">Steam that has turned to water in the milk.</param>
/// <param name="CoolingMelt">Water that a coffee took up from the ice it was cooled over.</param>
/// <param name="Loss">What the cup loses for each kelvin, as it is served; null when not known.</param>
/// <param name="Moments">The drink at hand-over and, where it is known what the cup loses, 10 and 20 minutes
/// later.</param>
public sealed record SizeLife(Grams Condensate, Grams CoolingMelt, WattsPerKelvin? Loss, IReadOnlyList<Moment> Moments);
