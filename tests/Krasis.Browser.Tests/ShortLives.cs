using Krasis.Browser.Tests;

[assembly: AssemblyFixture(typeof(ShortLives))]

namespace Krasis.Browser.Tests;

/// <summary>A program that a test starts lives for seconds: what it would measure about itself to be quicker later is
/// never paid back.</summary>
public sealed class ShortLives
{
    public ShortLives() => Environment.SetEnvironmentVariable("DOTNET_TieredPGO", "0");
}
