namespace Krasis.Recipes.Grammar;

/// <summary>What a recipe's text is made of.</summary>
internal enum RecipeToken
{
    /// <summary>A number in figures: <c>18</c>, <c>1.5</c>, <c>1/2</c>, <c>1½</c>.</summary>
    Number,

    /// <summary>A number for each size: <c>2/3/4</c>.</summary>
    Series,

    /// <summary>A word, with what hangs on it: <c>it's</c>, <c>sugar-free</c>, <c>w/</c>.</summary>
    Word,

    /// <summary>Degrees, with their scale where it is said.</summary>
    Degree,

    /// <summary>Per cent.</summary>
    Percent,

    /// <summary>An arrow from one thing to the next.</summary>
    Arrow,

    /// <summary>Times.</summary>
    Times,

    /// <summary>A comma.</summary>
    Comma,

    /// <summary>A semicolon.</summary>
    Semicolon,

    /// <summary>A colon.</summary>
    Colon,

    /// <summary>A full stop, a question mark or an exclamation mark.</summary>
    Stop,

    /// <summary>Plus.</summary>
    Plus,

    /// <summary>And, as a sign.</summary>
    Ampersand,

    /// <summary>A dash of any length.</summary>
    Dash,

    /// <summary>A slash.</summary>
    Slash,

    /// <summary>Equals.</summary>
    Equals,

    /// <summary>About, as a sign.</summary>
    Tilde,

    /// <summary>What opens an aside.</summary>
    Open,

    /// <summary>What closes it.</summary>
    Close,

    /// <summary>What parts the cells of a table's row.</summary>
    Cell,

    /// <summary>Anything else.</summary>
    Other,
}
