using Krasis.Core.Making.Rescuing;

namespace Krasis.App.Making;

/// <summary>What became of a make.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Taste">What it came to; null of what was given up.</param>
public sealed record MadeView(string Id, PouredTaste? Taste);
