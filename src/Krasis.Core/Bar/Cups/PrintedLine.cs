using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Cups;

/// <summary>A line printed on a cup, to which things are poured.</summary>
/// <param name="Label">What the bar calls it.</param>
/// <param name="Height">Its height above the inside of the bottom.</param>
/// <param name="Volume">The volume up to it.</param>
public sealed record PrintedLine(string Label, Millimetres Height, Millilitres Volume);
