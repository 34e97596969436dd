namespace Krasis.Store.Files;

/// <summary>A copy of a data file.</summary>
/// <param name="Path">Where it is.</param>
/// <param name="At">When it was made.</param>
/// <param name="IsForGood">Whether it was made before something was changed for good, and is not taken away by
/// itself.</param>
public sealed record KeptCopy(string Path, DateTimeOffset At, bool IsForGood);
