namespace Krasis.Core.Changing.Moving;

/// <summary>One thing that is poured or comes of it, three times over.</summary>
/// <param name="What">The ingredient of a line, or strength, sweetness, fill and room.</param>
/// <param name="Published">As it was published, read out.</param>
/// <param name="Now">As the bar pours it now; with a mark of its own where it is another.</param>
/// <param name="Adjusted">As it would be adjusted; null when nothing is adjusted.</param>
/// <param name="HasMoved">Whether what is poured now is another than what was published.</param>
/// <param name="StaysMoved">Whether it would be another even adjusted.</param>
public sealed record PourComparison(
    string What,
    string Published,
    string Now,
    string? Adjusted,
    bool HasMoved,
    bool StaysMoved
);
