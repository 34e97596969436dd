using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Cups;

/// <summary>One mark of a card.</summary>
/// <param name="Label">What stands at it; empty at a minor one.</param>
/// <param name="Volume">The volume up to it.</param>
/// <param name="Height">Its height, upright.</param>
/// <param name="AlongWall">Its height, along the slanting wall.</param>
/// <param name="IsMajor">Whether it is drawn long.</param>
public sealed record CardMark(
    string Label,
    Millilitres Volume,
    Millimetres Height,
    Millimetres AlongWall,
    bool IsMajor
);
