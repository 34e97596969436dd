using Krasis.Core.Planning.Needing;

namespace Krasis.Core.Planning.Stocking;

/// <summary>What is left of one batch or one delivery.</summary>
/// <param name="Id">Its number.</param>
/// <param name="Item">What it is of.</param>
/// <param name="Left">How much is left, g or pieces, not below 0.</param>
/// <param name="Since">When it was made or delivered.</param>
/// <param name="OpenedOn">When it was opened; null while it is closed.</param>
/// <param name="UseBy">The last day on which it may be used; null when it keeps.</param>
public sealed record Lot(string Id, Item Item, double Left, DateOnly Since, DateOnly? OpenedOn, DateOnly? UseBy)
{
    /// <summary>Whether it may be used on a day.</summary>
    public bool IsGoodOn(DateOnly day) => UseBy is not { } last || day <= last;
}
