using Krasis.Core.Builds;
using Krasis.Core.Making;
using Krasis.Core.Working.SizeSheets;

namespace Krasis.Exchange.Books;

/// <summary>A standard, as it goes into a book.</summary>
/// <param name="Number">Which standard of its build it is.</param>
/// <param name="PublishedAt">When it was published.</param>
/// <param name="Season">When it is on the board; null for all year.</param>
/// <param name="Plans">How its sizes are made.</param>
/// <param name="Sizes">The same sizes worked out.</param>
public sealed record BookDrink(
    long Number,
    DateTimeOffset PublishedAt,
    Season? Season,
    IReadOnlyList<MakingPlan> Plans,
    IReadOnlyList<SizeSheet> Sizes
)
{
    /// <summary>What it is called.</summary>
    public string Name => Plans[0].Drink;
}

/// <summary>What a book says of itself.</summary>
/// <param name="Title">What stands on its cover.</param>
/// <param name="Station">At which station its drinks are made; null where the house has none.</param>
/// <param name="Day">As of which day it is.</param>
/// <param name="WrittenAt">When it was written.</param>
/// <param name="IsLetter">Whether it is on US Letter; else on A4.</param>
public sealed record BookCover(string Title, string? Station, DateOnly Day, DateTimeOffset WrittenAt, bool IsLetter);
