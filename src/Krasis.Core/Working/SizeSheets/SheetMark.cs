using Krasis.Core.Quantities;

namespace Krasis.Core.Working.SizeSheets;

/// <summary>A mark to which a line fills a size.</summary>
/// <param name="Says">The mark as it is said, such as "to the milk line".</param>
/// <param name="Height">How high it stands in this cup.</param>
/// <param name="Volume">What the cup holds up to it.</param>
public sealed record SheetMark(string Says, Millimetres Height, Millilitres Volume);
