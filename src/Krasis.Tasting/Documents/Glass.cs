namespace Krasis.Tasting.Documents;

/// <summary>One small cup before a taster.</summary>
/// <param name="Code">What stands on it.</param>
/// <param name="Sample">Which sample is in it, counted from nothing. Nobody who tastes may know.</param>
/// <param name="IsReference">Whether it is the one to compare with.</param>
public sealed record Glass(string Code, int Sample, bool IsReference = false);
