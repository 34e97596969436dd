using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Cups;

/// <summary>A mark on the cup's edge.</summary>
/// <param name="Volume">The volume up to it.</param>
/// <param name="Height">Its height above the cup's bottom.</param>
/// <param name="IsMajor">Whether it carries a number.</param>
public sealed record Graduation(Millilitres Volume, Millimetres Height, bool IsMajor);
