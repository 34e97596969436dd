namespace Krasis.App.Mixing;

/// <summary>A school that a build can follow.</summary>
/// <param name="Code">Its code in documents.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Says">What it does.</param>
public sealed record SchoolView(string Code, string Name, string Says);
