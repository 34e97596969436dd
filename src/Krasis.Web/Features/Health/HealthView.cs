namespace Krasis.Web.Features.Health;

/// <summary>That the program works.</summary>
/// <param name="Status">Always <c>ok</c>; a program that does not work does not answer so.</param>
/// <param name="Builds">How many builds the data file holds.</param>
public sealed record HealthView(string Status, int Builds);
