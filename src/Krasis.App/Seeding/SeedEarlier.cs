namespace Krasis.App.Seeding;

/// <summary>How a build was when it was first published.</summary>
/// <param name="Build">Its name.</param>
/// <param name="Line">The id of the line that was otherwise.</param>
/// <param name="Amount">How much of it there was.</param>
/// <param name="On">When that was.</param>
/// <param name="Reason">Why it was published.</param>
public sealed record SeedEarlier(string Build, string Line, double Amount, DateOnly On, string Reason);
