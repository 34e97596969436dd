using Krasis.Core.Quantities;

namespace Krasis.Core.Making;

/// <summary>To where the drink stands after a step.</summary>
/// <param name="Height">Above the bottom of the cup.</param>
/// <param name="AlongWall">The same along the slanting wall.</param>
/// <param name="Mark">The mark that it is filled to, such as "to the milk line"; null where it is not filled to
/// one.</param>
public sealed record StepLevel(Millimetres Height, Millimetres AlongWall, string? Mark);
