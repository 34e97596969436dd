namespace Krasis.App.Builds;

/// <summary>A deleted build that can be restored.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What the drink is called.</param>
public sealed record DeletedBuild(string Id, string Name);
