namespace Krasis.Recipes.Pieces;

/// <summary>What became of a piece of a recipe's text.</summary>
public enum PieceKind
{
    /// <summary>It was read, and says so.</summary>
    Read,

    /// <summary>It was taken for something, which somebody should look at.</summary>
    Guessed,

    /// <summary>It was not understood, and nothing was taken from it.</summary>
    NotUnderstood,

    /// <summary>It says nothing of what goes in, or is kept as a note.</summary>
    Aside,

    /// <summary>White space, bullets and the like.</summary>
    Between,
}

/// <summary>A piece of a recipe's text. The pieces of a text lie side by side and are all of it.</summary>
/// <param name="Start">Where it begins.</param>
/// <param name="Length">How long it is.</param>
/// <param name="Kind">What became of it.</param>
/// <param name="Says">What was read, what it was taken for, or why it was not understood; null where there is nothing
/// to say.</param>
public sealed record Piece(int Start, int Length, PieceKind Kind, string? Says);
