namespace Krasis.Browser.Tests;

/// <summary>The program with the demo, for all tests of a class: starting it takes longer than most of them. Tests that
/// share it work on builds of their own (see <see cref="Copies"/>) and leave the bar as it is.</summary>
public sealed class DemoHost() : KrasisHost(demo: true);
