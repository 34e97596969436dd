namespace Krasis.Core.Changing.Comparing;

/// <summary>A build whose flavours go in otherwise than the house pours them.</summary>
/// <param name="Build">The build's id.</param>
/// <param name="Name">What the drink is called.</param>
/// <param name="Says">Where, in sentences.</param>
public sealed record HouseDifference(string Build, string Name, IReadOnlyList<string> Says);
