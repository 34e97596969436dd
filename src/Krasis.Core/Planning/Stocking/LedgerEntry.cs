using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Planning.Stocking;

/// <summary>One line of the book of stock. Nothing in the book is ever changed: what was wrong is put right by another
/// line.</summary>
/// <param name="Lot">The lot.</param>
/// <param name="Item">What it is of.</param>
/// <param name="Move">What happened.</param>
/// <param name="Amount">By how much the lot grows, g or pieces; below zero for what left it.</param>
/// <param name="Day">When.</param>
/// <param name="UseBy">The last day on which the lot may be used from now on; null where this says nothing of
/// it.</param>
public sealed record LedgerEntry(string Lot, Item Item, LotMove Move, double Amount, DateOnly Day, DateOnly? UseBy);
