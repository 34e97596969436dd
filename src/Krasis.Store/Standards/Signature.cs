namespace Krasis.Store.Standards;

/// <summary>Who did something, why and when.</summary>
/// <param name="Who">The person's name; empty where it is not known.</param>
/// <param name="Why">The reason, in their words; empty where none was given.</param>
/// <param name="At">When.</param>
public sealed record Signature(string Who, string Why, DateTimeOffset At);
